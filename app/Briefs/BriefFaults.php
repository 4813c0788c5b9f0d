<?php

declare(strict_types=1);

namespace App\Briefs;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\TypedNumber;
use TruePupil\Core\Checks\Measures;

/** What is wrong with a brief that is being composed, each at the field it is about. */
final class BriefFaults
{
    private const NUMBER = 'Write a number, as 2, 1⅓, 1/125 or ƒ/8.';

    /** @return array<string, string> a sentence by field; none where everything can be read */
    public static function of(BriefInput $input): array
    {
        $faults = [
            ...self::whole($input, 'number', 1, 999, 'Write its place in the order as a whole number.'),
            ...self::whole($input, 'frames', 1, 40, 'Write how many frames it wants: a whole number up to 40.'),
        ];
        if ($input->text('most') !== '') {
            $faults += self::whole($input, 'most', 1, 40, 'Write how many frames it takes: a whole number up to 40.');
        }
        if ($input->text('title') === '') {
            $faults['title'] = 'Give it a title.';
        }
        if ($input->text('purpose') === '') {
            $faults['purpose'] = 'Say in a sentence or two what it teaches.';
        }
        foreach ($input->placements as $index => $placement) {
            if ($placement['label'] !== '' xor $placement['stops'] !== '') {
                $faults[$placement['label'] === '' ? "placements.$index.label" : "placements.$index.stops"] =
                    'A subject has a name and a place in stops; one of them is missing.';
            } elseif ($placement['stops'] !== '' && TypedNumber::parse($placement['stops']) === null) {
                $faults["placements.$index.stops"] = self::NUMBER;
            }
        }
        foreach ($input->rows as $index => $row) {
            if ($row['label'] !== '' && preg_match('/^[a-z0-9-]+$/', $row['id']) !== 1) {
                $faults["rows.$index.id"] = 'Give the row a short id of small letters, digits and hyphens.';
            }
            if ($row['label'] !== '' && filter_var($row['frames'], FILTER_VALIDATE_INT) === false) {
                $faults["rows.$index.frames"] = 'Write how many frames the row wants.';
            }
        }
        foreach ($input->checks as $index => $check) {
            $faults += self::check($check, "checks.$index.");
        }

        return $faults;
    }

    /**
     * @param  array<string, mixed>  $check
     * @return array<string, string>
     */
    private static function check(array $check, string $at): array
    {
        $measure = Measures::find($check['measure']);
        $faults = [];
        if ($measure === null) {
            $faults[$at.'measure'] = 'Choose what is to be looked at.';
        } elseif ($measure->words !== []) {
            if ($check['words'] === []) {
                $faults[$at.'words'] = 'Tick at least one.';
            }
        } elseif (TypedNumber::parse($check['limit']) === null) {
            $faults[$at.'limit'] = self::NUMBER;
        } elseif ($check['comparison'] === Comparison::Between->value) {
            $upTo = TypedNumber::parse($check['upTo']);
            if ($upTo === null || $upTo <= TypedNumber::parse($check['limit'])) {
                $faults[$at.'upTo'] = $upTo === null
                    ? self::NUMBER
                    : 'The second limit has to be the larger number: '.
                        'ƒ/2.8 to ƒ/8, 1/500 to 1/60 s, 70 to 135 mm.';
            }
        }
        $tolerance = TypedNumber::parse($check['tolerance']);
        if ($check['tolerance'] !== '' && ($tolerance === null || $tolerance < 0)) {
            $faults[$at.'tolerance'] = 'Write how far beyond the limit is still close: a number, or nothing.';
        }
        if ($check['reason'] === '') {
            $faults[$at.'reason'] = 'Say in a line why it matters.';
        }

        return $faults;
    }

    /** @return array<string, string> */
    private static function whole(BriefInput $input, string $field, int $least, int $most, string $why): array
    {
        $number = filter_var($input->text($field), FILTER_VALIDATE_INT);

        return $number === false || $number < $least || $number > $most ? [$field => $why] : [];
    }
}
