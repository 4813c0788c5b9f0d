<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Transfer\CourseImport;
use App\Transfer\ImportRefused;
use Illuminate\Console\Command;

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
                '"%s" is here: %d people, %d of them new, %d pictures. Students join with %s.',
                $taken['course']->name,
                $taken['people'],
                $taken['new'],
                $taken['pictures'],
                $taken['course']->join_code,
            ),
        );

        return self::SUCCESS;
    }
}
