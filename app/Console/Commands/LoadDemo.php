<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Designs\PlanDesign;
use App\Actions\Jobs\StartJob;
use App\Starting\Demo;
use Illuminate\Console\Command;

final class LoadDemo extends Command
{
    protected $signature = 'garnetine:demo';

    protected $description = 'Loads the made-up demo company, once';

    public function handle(StartJob $startJob, PlanDesign $planDesign): int
    {
        if (Demo::load($startJob, $planDesign)) {
            $this->line('» the demo is loaded');
        }

        return self::SUCCESS;
    }
}
