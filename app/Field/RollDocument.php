<?php

declare(strict_types=1);

namespace App\Field;

use App\Models\FilmRoll;
use InvalidArgumentException;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Roll\FrameNumber;
use TruePupil\Core\Roll\LogLine;
use TruePupil\Core\Roll\RollFormat;

/** A roll with its log as an open document, out and in: docs/formats/film-roll.md. */
final class RollDocument
{
    /** @return array<string, mixed> */
    public static function of(FilmRoll $roll): array
    {
        $log = [];
        foreach ($roll->log()->lines as $number => $line) {
            $log[] = ['frame' => (string) $number, ...$line->texts];
        }

        return [
            'format' => RollFormat::FORMAT,
            'version' => RollFormat::VERSION,
            ...$roll->content,
            'log' => $log,
        ];
    }

    /**
     * @return array{content: array<string, mixed>, log: array<array-key, array<string, string>>}
     *   as it is stored; texts by frame and field
     *
     * @throws InvalidArgumentException naming what is wrong
     */
    public static function read(string $json): array
    {
        $fields = Fields::parse($json);
        if ($fields->raw('format') !== RollFormat::FORMAT || $fields->raw('version') !== RollFormat::VERSION) {
            throw new InvalidArgumentException(sprintf(
                'The file is no roll of film: it should say "format": "%s" and "version": %d.',
                RollFormat::FORMAT,
                RollFormat::VERSION,
            ));
        }
        RollFormat::read($fields);
        $known = [
            'name', 'film', 'boxSpeed', 'kind', 'index', 'pushed', 'frames', 'reciprocity', 'camera', 'loaded',
            'expires', 'stage', 'mishap', 'lab',
        ];
        $log = [];
        foreach ($fields->parts('log') as $line) {
            $frame = $line->raw('frame');
            $number = is_int($frame) ? (string) $frame : $line->text('frame');
            if (! FrameNumber::isOne($number)) {
                throw new InvalidArgumentException(
                    sprintf('%s: "%s" is no frame of a roll.', $line->at('frame'), $number),
                );
            }
            foreach (LogLine::FIELDS as $field) {
                $text = $line->raw($field);
                if (is_scalar($text) && (string) $text !== '') {
                    $log[$number][$field] = (string) $text;
                }
            }
        }

        return ['content' => array_intersect_key($fields->toArray(), array_flip($known)), 'log' => $log];
    }
}
