<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

/** Where the characteristic snow load on the ground comes from: entered, or a formula by zone and altitude. */
enum EnSnowSet: string
{
    case Given = 'given';
    case Alpine = 'annex_c_alpine';
    case CentralEast = 'annex_c_central_east';
    case CentralWest = 'annex_c_central_west';
    case UkIreland = 'annex_c_uk_ireland';
    case Mediterranean = 'annex_c_mediterranean';
    case Iberian = 'annex_c_iberian';
    case Greece = 'annex_c_greece';
    case SwedenFinland = 'annex_c_sweden_finland';
    case UkAnnex = 'uk_national_annex';
    case Germany1 = 'de_1';
    case Germany1a = 'de_1a';
    case Germany2 = 'de_2';
    case Germany2a = 'de_2a';
    case Germany3 = 'de_3';
    case Italy1Alpine = 'it_1_alpine';
    case Italy1Mediterranean = 'it_1_mediterranean';
    case Italy2 = 'it_2';
    case Italy3 = 'it_3';
    case Austria = 'at';
}
