<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Frame;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Capture\LostSettings;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Situation\Need;

/** What the brief of a frame needs and its file does not say: which fields, why, and what helps. */
final readonly class MissingSettings
{
    /** The fields behind what a check needs. */
    private const FIELDS = [
        Need::Settings->value => ['fNumber', 'exposureTime', 'iso'],
        Need::Series->value => ['fNumber', 'exposureTime', 'iso'],
        Need::ExposureTime->value => ['exposureTime'],
        Need::Iso->value => ['iso'],
        Need::Mode->value => ['mode'],
        Need::FocalLength->value => ['focalLength'],
        Need::Format->value => ['focalLength35'],
    ];

    /**
     * @param  list<RecordRow>  $rows  the fields that are asked for
     * @param  list<RecordRow>  $unread  those of them that nobody has filled in yet
     * @param  bool  $asksSupport  whether a check wants to know what held the camera, which no file says
     */
    private function __construct(
        public string $file,
        public array $rows,
        public array $unread,
        public bool $asksSupport,
        private ?LostSettings $lost,
    ) {
    }

    /** @param  list<RecordRow>  $record */
    public static function of(Frame $frame, array $record): self
    {
        $needs = array_merge(...array_map(
            fn (Check $check): array => Measures::of($check->measure->id)->needs,
            $frame->attempt->content()->checks,
        ), ...[[]]);
        $of = fn (Need $need): array => self::FIELDS[$need->value] ?? [];
        $fields = array_merge(...array_map($of, $needs), ...[[]]);
        // Who looks one of them up finds the others beside it, and nothing can be suggested without all three.
        if (array_intersect(self::FIELDS[Need::Settings->value], $fields) !== []) {
            $fields = [...$fields, ...self::FIELDS[Need::Settings->value]];
        }
        $rows = array_values(array_filter(
            $record,
            fn (RecordRow $row): bool => $row->isAsked() && in_array($row->field, $fields, true),
        ));
        // The one follows from the other.
        if (in_array('focalLength35', array_column($rows, 'field'), true)) {
            $rows = array_values(array_filter($rows, fn (RecordRow $row): bool => $row->field !== 'focalLength'));
        }
        $picture = $frame->pictureRecord();

        return new self(
            $frame->original_name,
            $rows,
            array_values(array_filter($rows, fn (RecordRow $row): bool => $row->value === null)),
            in_array(Need::Support, $needs, true),
            $picture === null ? null : LostSettings::of($picture),
        );
    }

    /** "We could not read aperture, exposure time and ISO in noexif.jpg." Null where nothing is missing. */
    public function sentence(): ?string
    {
        $names = array_map(fn (RecordRow $row): string => match ($row->field) {
            'iso' => 'ISO',
            'mode' => 'the exposure mode',
            default => 'the '.lcfirst($row->label),
        }, $this->unread);
        $last = array_pop($names);

        return $last === null ? null : sprintf(
            'We could not read %s in %s.',
            $names === [] ? $last : implode(', ', $names).' or '.$last,
            $this->file,
        );
    }

    /** What may have happened on the way; null where the file has other settings. */
    public function cause(): ?string
    {
        return $this->unread === [] ? null : $this->lost?->sentence();
    }

    public function asks(string $field): bool
    {
        return in_array($field, array_map(fn (RecordRow $row): string => $row->field, $this->rows), true);
    }
}
