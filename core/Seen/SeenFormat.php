<?php

declare(strict_types=1);

namespace TruePupil\Core\Seen;

use InvalidArgumentException;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;

/** Reads what was found in a picture from its open format; docs/formats/seen.md describes it. */
final class SeenFormat
{
    /** More than these are a crowd, of which nothing is said face by face. */
    public const MOST_PEOPLE = 12;

    public const MOST_THINGS = 24;

    private const LONGEST_NAME = 40;

    /** @throws InvalidFields naming the place that cannot be read */
    public static function read(Fields $fields): Seen
    {
        $fields->refuseOthers(['faces', 'bodies', 'things', 'confirmed']);
        $faces = array_map(self::face(...), self::few($fields, 'faces', self::MOST_PEOPLE));
        usort($faces, fn (SeenFace $a, SeenFace $b): int => $b->box->sharePct() <=> $a->box->sharePct());

        return new Seen(
            $faces,
            array_map(self::body(...), self::few($fields, 'bodies', self::MOST_PEOPLE)),
            array_map(self::thing(...), self::few($fields, 'things', self::MOST_THINGS)),
            $fields->flag('confirmed') ?? false,
        );
    }

    /** @return list<Fields> */
    private static function few(Fields $fields, string $key, int $most): array
    {
        $parts = $fields->parts($key);

        return count($parts) <= $most
            ? $parts
            : throw InvalidFields::expected($fields->at($key), sprintf('up to %d', $most), count($parts));
    }

    private static function face(Fields $one): SeenFace
    {
        $eyes = array_map(self::place(...), $one->parts('eyes'));
        $lids = $one->positives('lids');
        if (count($eyes) !== 2 || count($lids) !== 2) {
            throw InvalidFields::expected($one->at('eyes'), 'two, with two numbers "lids"', count($eyes));
        }
        [$first, $second] = $eyes[0][0] <= $eyes[1][0] ? [0, 1] : [1, 0];

        return new SeenFace(
            self::box($one),
            [$eyes[$first], $eyes[$second]],
            [min(1.0, $lids[$first]), min(1.0, $lids[$second])],
            max(-0.5, min(0.5, $one->number('turn'))),
        );
    }

    private static function body(Fields $one): SeenBody
    {
        $joints = $one->part('joints')->refuseOthers(array_column(Joint::cases(), 'value'));

        $places = [];
        foreach (Joint::cases() as $joint) {
            if ($joints->has($joint->value)) {
                $places[$joint->value] = self::place($joints->part($joint->value));
            }
        }

        return new SeenBody(self::box($one), $places);
    }

    private static function thing(Fields $one): SeenThing
    {
        $what = $one->text('what');

        return mb_strlen($what) <= self::LONGEST_NAME
            ? new SeenThing($what, self::box($one))
            : throw InvalidFields::expected($one->at('what'), 'a word', $what);
    }

    private static function box(Fields $one): Region
    {
        $box = $one->part('box');
        try {
            return Region::of($box->number('x'), $box->number('y'), $box->number('width'), $box->number('height'));
        } catch (InvalidArgumentException $problem) {
            throw $problem instanceof InvalidFields
                ? $problem
                : InvalidFields::expected($one->at('box'), 'a rectangle inside the frame', $box->toArray());
        }
    }

    /** @return array{float, float} within the frame; what was found a little outside lies at its edge */
    private static function place(Fields $one): array
    {
        return [max(0.0, min(1.0, $one->number('x'))), max(0.0, min(1.0, $one->number('y')))];
    }
}
