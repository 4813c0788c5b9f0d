<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks;

use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\BriefFrames;
use TruePupil\Core\Brief\BriefTopic;
use TruePupil\Core\Brief\BriefWords;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\DecisionAsked;
use TruePupil\Core\Brief\InvalidBrief;
use TruePupil\Core\Brief\KitRule;
use TruePupil\Core\Brief\PhoneWay;
use TruePupil\Core\Brief\Placement;
use TruePupil\Core\Brief\Row;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Series\SeriesKind;

/** Reads a brief from the decoded JSON of a brief file. */
final class BriefFormat
{
    public const FORMAT = 'true-pupil.brief';

    public const VERSION = 1;

    /**
     * @param  array<mixed>  $data
     *
     * @throws InvalidBrief naming the part that is wrong
     */
    public static function read(array $data): Brief
    {
        if (($data['format'] ?? null) !== self::FORMAT || ($data['version'] ?? null) !== self::VERSION) {
            throw InvalidBrief::at('format', sprintf('expected "%s" version %d', self::FORMAT, self::VERSION));
        }

        $frames = max(1, (int) self::number($data, 'frames'));
        $rows = isset($data['rows']) ? array_map(self::row(...), self::parts($data, 'rows')) : [];
        $checks = array_map(self::check(...), self::parts($data, 'checks'));
        foreach ($checks as $check) {
            if (
                $check->row !== null &&
                ! in_array($check->row, array_map(fn (Row $row): string => $row->id, $rows), true)
            ) {
                throw InvalidBrief::at(
                    'checks',
                    sprintf('"%s" is asked of row "%s", which is not among the rows', $check->id, $check->row),
                );
            }
        }

        $wanted = new BriefFrames(
            least: $frames,
            series: ! isset($data['series'])
                ? null
                : SeriesKind::tryFrom(self::text($data, 'series')) ??
                    throw InvalidBrief::at(
                        'series',
                        'expected one of '.implode(', ', array_column(SeriesKind::cases(), 'value')),
                    ),
            rows: $rows,
            most: isset($data['most']) ? (int) self::number($data, 'most') : null,
            kit: array_map(
                fn (string $rule): KitRule => KitRule::tryFrom($rule) ??
                    throw InvalidBrief::at(
                        'kit',
                        'expected some of '.implode(', ', array_column(KitRule::cases(), 'value')),
                    ),
                isset($data['kit']) ? self::texts($data, 'kit') : [],
            ),
        );

        return new Brief(
            id: self::text($data, 'id'),
            number: (int) self::number($data, 'number'),
            words: new BriefWords(
                title: self::text($data, 'title'),
                purpose: self::text($data, 'purpose'),
                task: self::texts($data, 'task'),
                cautions: self::texts($data, 'cautions'),
                prompts: isset($data['prompts']) ? self::texts($data, 'prompts') : [],
                phone: isset($data['phone']) ? self::phone($data) : null,
            ),
            frames: $wanted,
            placements: array_map(self::placement(...), self::parts($data, 'placements')),
            checks: [...$checks, ...KitChecks::of($wanted, $checks)],
            decisions: array_map(
                fn (string $value): DecisionAsked => DecisionAsked::tryFrom($value) ??
                    throw InvalidBrief::at(
                        'decisions',
                        'expected some of '.implode(', ', array_column(DecisionAsked::cases(), 'value')),
                    ),
                isset($data['decisions']) ? self::texts($data, 'decisions') : [],
            ),
            revision: isset($data['revision']) ? max(1, (int) self::number($data, 'revision')) : 1,
            scene: isset($data['scene']) ? self::text($data, 'scene') : null,
            topic: ! isset($data['topic'])
                ? null
                : BriefTopic::tryFrom(self::text($data, 'topic')) ??
                    throw InvalidBrief::at(
                        'topic',
                        'expected one of '.implode(', ', array_column(BriefTopic::cases(), 'value')),
                    ),
        );
    }

    /** @param  array<mixed>  $data */
    private static function phone(array $data): PhoneWay
    {
        $phone = is_array($data['phone']) ? $data['phone'] : [];
        if (! is_bool($phone['works'] ?? null)) {
            throw InvalidBrief::at('phone', 'expected "works", true or false, and "words"');
        }

        return new PhoneWay($phone['works'], self::text($phone, 'words'));
    }

    /** @param  array<mixed>  $data */
    private static function row(array $data): Row
    {
        return new Row(
            self::text($data, 'id'),
            self::text($data, 'label'),
            SeriesKind::tryFrom(self::text($data, 'series')) ??
                throw InvalidBrief::at(
                    'rows',
                    'expected a series of '.implode(', ', array_column(SeriesKind::cases(), 'value')),
                ),
            max(2, (int) self::number($data, 'frames')),
        );
    }

    /** @param  array<mixed>  $data */
    private static function placement(array $data): Placement
    {
        return new Placement(
            self::text($data, 'id'),
            self::text($data, 'label'),
            Stops::of(self::number($data, 'stops')),
        );
    }

    /** @param  array<mixed>  $data */
    private static function check(array $data): Check
    {
        $comparison =
            Comparison::tryFrom(self::text($data, 'comparison')) ??
            throw InvalidBrief::at(
                'comparison',
                'expected one of '.implode(', ', array_column(Comparison::cases(), 'value')),
            );
        $measure =
            Measures::find(self::text($data, 'measure')) ??
            throw InvalidBrief::at('measure', sprintf('there is no measure "%s"', self::text($data, 'measure')));
        $words = in_array($comparison, [Comparison::OneOf, Comparison::NoneOf], true);

        return new Check(
            id: self::text($data, 'id'),
            measure: $measure,
            comparison: $comparison,
            limit: $words ? self::texts($data, 'limit') : self::number($data, 'limit'),
            tolerance: isset($data['tolerance']) ? self::number($data, 'tolerance') : 0.0,
            sentence: self::text($data, 'sentence'),
            reason: self::text($data, 'reason'),
            row: isset($data['row']) ? self::text($data, 'row') : null,
            upTo: $comparison === Comparison::Between ? self::number($data, 'upTo') : null,
        );
    }

    /**
     * What a new brief may not ask, since it makes no sense; briefs that are set already are read as they are.
     *
     * @throws InvalidBrief naming the part that is wrong
     */
    public static function refuseSenseless(Brief $brief): void
    {
        foreach ($brief->checks as $check) {
            if ($check->comparison === Comparison::Within && ! $check->measure->isAboutZero) {
                throw InvalidBrief::at(
                    'comparison',
                    sprintf(
                        '"%s" does not go to both sides of zero; use "atMost" or "atLeast"',
                        $check->measure->label,
                    ),
                );
            }
            if ($check->comparison === Comparison::Within && is_float($check->limit) && $check->limit < 0.0) {
                throw InvalidBrief::at('limit', 'what lies within a distance has no sign; leave out the minus');
            }
            if ($check->upTo !== null && $check->upTo <= $check->limit) {
                throw InvalidBrief::at('upTo', 'the second limit has to be the larger one');
            }
            if ($check->tolerance < 0.0) {
                throw InvalidBrief::at('tolerance', 'expected 0 or more');
            }
        }
    }

    /** @param  array<mixed>  $data */
    private static function text(array $data, string $key): string
    {
        $value = $data[$key] ?? null;

        return is_string($value) && trim($value) !== '' ? $value : throw InvalidBrief::at($key, 'expected a text');
    }

    /** @param  array<mixed>  $data */
    private static function number(array $data, string $key): float
    {
        $value = $data[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : throw InvalidBrief::at($key, 'expected a number');
    }

    /**
     * @param  array<mixed>  $data
     * @return list<string>
     */
    private static function texts(array $data, string $key): array
    {
        $value = $data[$key] ?? null;
        if (! is_array($value)) {
            throw InvalidBrief::at($key, 'expected a list of texts');
        }

        return array_map(
            fn (mixed $text): string => is_string($text)
                ? $text
                : throw InvalidBrief::at($key, 'expected a list of texts'),
            array_values($value),
        );
    }

    /**
     * @param  array<mixed>  $data
     * @return list<array<mixed>>
     */
    private static function parts(array $data, string $key): array
    {
        $value = $data[$key] ?? null;
        if (! is_array($value)) {
            throw InvalidBrief::at($key, 'expected a list');
        }

        return array_map(
            fn (mixed $part): array => is_array($part)
                ? $part
                : throw InvalidBrief::at($key, 'expected a list of objects'),
            array_values($value),
        );
    }
}
