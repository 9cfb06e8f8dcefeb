<?php

declare(strict_types=1);

namespace App\Starting;

use App\Actions\Jobs\StartJob;
use App\Models\Company;
use Garnetine\Core\Design\DesignFile;

/** The made-up company that a local copy opens with. */
final class Demo
{
    public const EMAIL = 'planner@example.test';
    public const PASSWORD = 'garnet-demo';

    /** The demo is entered without a password in local use only. */
    public static function isOpen(): bool
    {
        return app()->environment('local', 'testing');
    }

    /** Loads the demo once; later calls change nothing. */
    public static function load(StartJob $startJob): bool
    {
        if (Company::query()->exists()) {
            return false;
        }
        $company = Company::query()->create(['name' => 'Tarn Valley Solar (made up)']);
        $user = $company->users()->create(['name' => 'Ida Quarles', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
        foreach (['quince-lane.json', 'medlar-court.json', 'sorrel-row.json'] as $example) {
            $startJob->handle($company, $user, DesignFile::read((string) file_get_contents(base_path('docs/examples/'.$example))));
        }
        // One that was just begun, to show what a blank job asks for.
        $startJob->handle($company, $user, StartingDesign::from('', 'Fern Street 3, front', 'ft_in', $user->name));
        foreach (['bramble-close.json', 'hazel-corner.json'] as $example) {
            $startJob->handle($company, $user, DesignFile::read((string) file_get_contents(base_path('docs/examples/'.$example))));
        }

        return true;
    }
}
