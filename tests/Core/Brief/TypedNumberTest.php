<?php

declare(strict_types=1);

namespace Tests\Core\Brief;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Brief\InvalidBrief;
use TruePupil\Core\Brief\TypedNumber;
use TruePupil\Core\Checks\BriefFormat;

final class TypedNumberTest extends TestCase
{
    #[DataProvider('written')]
    public function test_a_limit_is_read_as_photographers_write_it(string $text, ?float $number): void
    {
        $number === null
            ? $this->assertNull(TypedNumber::parse($text))
            : $this->assertEqualsWithDelta($number, TypedNumber::parse($text), 1e-9);
    }

    /** @return list<array{string, ?float}> */
    public static function written(): array
    {
        return [
            ['1/60', 1 / 60],
            ['1/250 s', 1 / 250],
            ['0,5', 0.5],
            ['⅓', 1 / 3],
            ['1⅔ stops', 5 / 3],
            ['−½', -0.5],
            ['-1⅓', -4 / 3],
            ['ƒ/5.6', 5.6],
            ['f/11', 11.0],
            ['ISO 400', 400.0],
            ['2 %', 2.0],
            ['30', 30.0],
            ['a lot', null],
            ['1/0', null],
            ['', null],
            ['2⅓⅓', null],
        ];
    }

    public function test_within_is_for_what_goes_to_both_sides_of_zero_and_has_no_sign(): void
    {
        $this->assertNull($this->refusal('subject.placementError', 0.5));
        $this->assertStringContainsString('no sign', (string) $this->refusal('subject.placementError', -0.5));
        $this->assertStringContainsString('both sides of zero', (string) $this->refusal('record.iso', 400.0));
    }

    private function refusal(string $measure, float $limit): ?string
    {
        try {
            $brief = BriefFormat::read([
                'format' => BriefFormat::FORMAT,
                'version' => BriefFormat::VERSION,
                'id' => 'one',
                'number' => 1,
                'title' => 'One',
                'purpose' => 'To see.',
                'task' => ['Look.'],
                'frames' => 1,
                'cautions' => [],
                'placements' => [],
                'checks' => [
                    [
                        'id' => 'a',
                        'measure' => $measure,
                        'comparison' => 'within',
                        'limit' => $limit,
                        'sentence' => 'It holds',
                        'reason' => 'Because.',
                    ],
                ],
            ]);
            BriefFormat::refuseSenseless($brief);

            return null;
        } catch (InvalidBrief $problem) {
            return $problem->getMessage();
        }
    }
}
