<?php

declare(strict_types=1);

namespace App\Exports;

use App\HandIn\PictureStore;
use App\Models\Course;
use App\Models\Frame;
use App\Models\User;
use Illuminate\Support\Str;
use RuntimeException;
use ZipArchive;

/** A student's frames with what was said of them, in one ZIP. The pictures are the copies without any metadata: no place is in them. */
final readonly class Portfolio
{
    public function __construct(private PictureStore $store)
    {
    }

    /** @param  string  $path  where the file goes */
    public function write(Course $course, User $student, string $path): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The portfolio could not be written.');
        }
        $zip->addFromString('portfolio.json', (string) json_encode(CourseDocument::of($course, $student->id), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE));
        $frames = Frame::query()->whereHas('attempt', fn ($query) => $query->where('user_id', $student->id)->whereHas('setBrief', fn ($query) => $query->where('course_id', $course->id)))->with(['picture', 'attempt.setBrief'])->orderBy('id')->get();
        foreach ($frames as $frame) {
            $copy = $this->store->workingCopy($frame->picture);
            if (is_file($copy)) {
                $zip->addFile($copy, sprintf('%s/attempt-%d/%s-%d.jpg', $frame->attempt->setBrief->brief_id, $frame->attempt->number, Str::slug(pathinfo($frame->original_name, PATHINFO_FILENAME)) ?: 'frame', $frame->id));
            }
        }
        $zip->close();
    }
}
