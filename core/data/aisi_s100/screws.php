<?php

declare(strict_types=1);

// Screws in cold-formed steel, the fastened part thicker than the purlin. Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'AISI S100-16, §J4',
    'confidence' => 'high',
    'values' => [
        // Pnot = 0.85·t·d·Fu; Pns = the lesser of 4.2·√(t³·d)·Fu and 2.7·t·d·Fu; over Ω.
        'pull_out' => 0.85, 'tilting' => 4.2, 'bearing' => 2.7, 'omega' => 3.0,
        // Q/Pns + T/Pnot ≤ 1.15/Ω.
        'together' => ['value' => 1.15, 'confidence' => 'medium', 'note' => 'steel_together'],
        'edge' => 1.5, 'spacing' => 3.0,
        // Tensile strength where none is known, ksi.
        'fu_unknown' => 45.0,
    ],
];
