<?php

declare(strict_types=1);

namespace App\Transfer;

use App\HandIn\WorkingCopies;
use App\Imaging\HeldFiles;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Frame;
use App\Models\User;
use Illuminate\Support\Str;
use RuntimeException;
use TruePupil\Core\Capture\UnreadablePicture;
use ZipArchive;

/**
 * A student's frames with what was said of them, in one ZIP. The pictures are the copies without any metadata: no place
 * is in them.
 */
final readonly class Portfolio
{
    public function __construct(private WorkingCopies $copies)
    {
    }

    /** @param  string  $path  where the file goes */
    public function write(Course $course, User $student, string $path): void
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The portfolio could not be written.');
        }
        $zip->addFromString(
            'portfolio.json',
            (string) json_encode(
                CourseDocument::of($course, $student->id),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
            ),
        );
        $frames = Frame::query()
            ->whereHas(
                'attempt',
                fn ($query) => $query
                    ->where('user_id', $student->id)
                    // What is still being prepared is nobody's yet.
                    ->where('state', '!=', AttemptState::Draft)
                    ->whereHas('setBrief', fn ($query) => $query->where('course_id', $course->id)),
            )
            ->with(['picture', 'attempt.setBrief'])
            ->orderBy('id')
            ->get();
        $held = new HeldFiles();
        foreach ($frames as $frame) {
            try {
                $zip->addFile(
                    $held->hold($this->copies->path($frame->picture)),
                    sprintf(
                        '%s/attempt-%d/%s-%d.jpg',
                        $frame->attempt->setBrief->brief_id,
                        $frame->attempt->number,
                        Str::slug(pathinfo($frame->original_name, PATHINFO_FILENAME)) ?: 'frame',
                        $frame->id,
                    ),
                );
            } catch (UnreadablePicture) {
                // A picture that could never be read has nothing to show.
            }
        }
        $zip->close();
    }
}
