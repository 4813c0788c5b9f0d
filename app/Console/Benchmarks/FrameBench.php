<?php

declare(strict_types=1);

namespace App\Console\Benchmarks;

use App\Briefs\BriefLibrary;
use App\Imaging\EarlyOverview;
use App\Imaging\FileAnalysis;
use App\Imaging\PictureTags;
use App\Imaging\PixelEngine;
use App\Imaging\ReadingFile;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Capture\RecordReader;
use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Critique\Critique;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Measures\MeasuredPicture;
use TruePupil\Core\Situation\Assignment;
use TruePupil\Core\Situation\Situation;

/** What is done for one frame, without the database. */
final readonly class FrameBench
{
    public function __construct(
        private RecordReader $reader,
        private PixelEngine $pixels,
        private PictureTags $tags,
        private FileAnalysis $file,
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
        return (new StatedFields(support: Support::Hand))->fillIn($record);
    }

    public function critique(CaptureRecord $record, FrameMeasures $measures): Critique
    {
        $brief = $this->library->find('meter-is-fooled');

        return Critique::of(
            new Situation(
                record: $record,
                measures: $measures,
                approach: new Approach(),
                assignment: new Assignment(wanted: $brief?->placement('white'), brief: $brief),
            ),
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
    public function handIn(string $picture, string $copy, string $reading): Critique
    {
        $tags = $this->tags->begin($picture);
        $early = new EarlyOverview();
        $this->pixels->read($picture, $reading, $copy, (int) config('pupil.working_side'), $early);
        $measures = MeasuredPicture::of(ReadingFile::open($reading, $early->overview))->with(self::marks());

        return $this->critique($this->asTyped(PictureRecord::fromTags($tags())->capture), $measures);
    }
}
