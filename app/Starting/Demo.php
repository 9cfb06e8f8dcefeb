<?php

declare(strict_types=1);

namespace App\Starting;

use App\Actions\Designs\PlanDesign;
use App\Actions\Jobs\StartJob;
use App\Models\Company;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Project;

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
    public static function load(StartJob $startJob, PlanDesign $planDesign): bool
    {
        if (Company::query()->exists()) {
            return false;
        }
        $company = Company::query()->create(['name' => 'Tarn Valley Solar (made up)']);
        $user = $company->users()->create(['name' => 'Ida Quarles', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
        $example = static fn (string $name): Project => DesignFile::read((string) file_get_contents(base_path("docs/examples/$name.json")));
        $jobs = [
            ...array_map($example, ['quince-lane', 'medlar-court', 'sorrel-row']),
            // One that was just begun, to show what a blank job asks for.
            StartingDesign::from('', 'Fern Street 3, front', 'ft_in', $user->name),
            ...array_map(
                $example,
                [
                    'yarrow-lane', 'tansy-croft', 'bramble-close', 'hazel-corner', 'feijoa-lane', 'damson-terrace', 'quillwort-lane', 'fallow-field',
                    'harrow-end', 'sallow-meadow', 'loquat-slope', 'teasel-yard', 'mulberry-bank',
                ],
            ),
        ];
        foreach ($jobs as $design) {
            // Planned at once: the first look at the list has no time for all of them.
            $planDesign->handle($startJob->handle($company, $user, $design)->current());
        }

        return true;
    }
}
