<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Course;
use App\Transfer\CourseExport;
use Illuminate\Console\Command;
use RuntimeException;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:course-export')]
final class ExportCourse extends Command
{
    protected $signature =
        'pupil:course-export {code : the code that its students join with} {file : where the '.'archive goes}';

    protected $description = 'Writes a whole course into one file, for another installation';

    public function handle(CourseExport $archive): int
    {
        $course = Course::query()->where('join_code', $this->argument('code'))->first();
        $file = (string) $this->argument('file');
        if ($course === null || file_exists($file)) {
            $this->error(
                $course === null
                    ? sprintf('No course is joined with "%s".', $this->argument('code'))
                    : sprintf('"%s" is there already and is not overwritten.', $file),
            );

            return self::FAILURE;
        }
        try {
            $held = $archive->write($course, $file);
        } catch (RuntimeException $problem) {
            $this->error($problem->getMessage());

            return self::FAILURE;
        }
        $this->line(
            sprintf(
                '"%s" is in %s: %d people, %d attempts, %d pictures. It holds names, addresses and pictures: keep it '.
                    'as you would keep them.',
                $course->name,
                $file,
                $held['people'],
                $held['attempts'],
                $held['pictures'],
            ),
        );

        return self::SUCCESS;
    }
}
