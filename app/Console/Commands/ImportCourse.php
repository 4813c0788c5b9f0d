<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Invitations;
use App\Accounts\Links;
use App\Models\Role;
use App\Trail\Trail;
use App\Trail\TrailEvent;
use App\Transfer\CourseImport;
use App\Transfer\ImportRefused;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:course-import')]
final class ImportCourse extends Command
{
    protected $signature = 'pupil:course-import {file : an archive that pupil:course-export wrote}';

    protected $description = 'Takes a whole course in from another installation';

    public function handle(CourseImport $arrival): int
    {
        try {
            $taken = $arrival->take((string) $this->argument('file'));
        } catch (ImportRefused $problem) {
            $this->error($problem->getMessage());

            return self::FAILURE;
        }
        $this->line(
            sprintf(
                '"%s" is here: %d people, %s. Students join with %s.',
                $taken['course']->name,
                $taken['people'],
                $taken['pictures'] === 1 ? 'one picture' : $taken['pictures'].' pictures',
                $taken['course']->join_code,
            ),
        );

        Trail::note($taken['course'], null, TrailEvent::Imported);
        Invitations::send($taken['course']);
        $this->line(
            'Nobody can sign in yet. Instructors take their place with these links; those of the others they find '.
                'under Members:',
        );
        foreach ($taken['course']->people(Role::Instructor)->get() as $instructor) {
            $this->line(sprintf('%s: %s', $instructor->name, Links::claim($instructor)));
        }

        return self::SUCCESS;
    }
}
