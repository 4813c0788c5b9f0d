<?php

declare(strict_types=1);

namespace App\Bench;

use App\Briefs\BriefLibrary;
use App\Imaging\LooseFile;
use App\Imaging\PixelEngine;
use TruePupil\Core\Brief\Approach;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordReader;
use TruePupil\Core\Capture\Support;
use TruePupil\Core\Capture\TypedFields;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\Critique;
use TruePupil\Core\Findings\Situation;
use TruePupil\Core\Measure\Measures;

/** What is done for one frame, without the database. */
final readonly class FrameWork
{
    public function __construct(
        private RecordReader $reader,
        private PixelEngine $pixels,
        private LooseFile $file,
        private Critic $critic,
        private BriefLibrary $library,
    ) {
    }

    public static function subject(): Region
    {
        return Region::of(0.35, 0.3, 0.2, 0.35);
    }

    public static function marks(): Marks
    {
        return new Marks(self::subject());
    }

    public function record(string $picture): CaptureRecord
    {
        return $this->asTyped($this->reader->read($picture)->capture);
    }

    private function asTyped(CaptureRecord $record): CaptureRecord
    {
        return (new TypedFields(support: Support::Hand))->fillIn($record);
    }

    public function critique(CaptureRecord $record, Measures $measures): Critique
    {
        $brief = $this->library->find('meter-is-fooled');

        return Critique::of(
            new Situation($record, $measures, new Approach(), $brief?->placement('white'), brief: $brief),
            $this->critic,
        );
    }

    /** Record, measures and critique: what the command line does. */
    public function analyse(string $picture): Critique
    {
        [$record, $measures] = $this->file->critiqued($picture, self::marks());

        return $this->critique($this->asTyped($record->capture), $measures);
    }

    /** All that both jobs of the queue do for a frame that is handed in. */
    public function handIn(string $picture, string $copy): Critique
    {
        $this->pixels->workingCopy($picture, $copy, (int) config('pupil.working_side'));

        return $this->analyse($picture);
    }
}
