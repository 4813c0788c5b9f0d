<?php

declare(strict_types=1);

namespace Tests\Core\Measures;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Stored\MeasuresReading;

final class StoredMeasuresTest extends TestCase
{
    public function test_what_was_stored_comes_back_as_it_was(): void
    {
        $measures = Situations::make(
            subject: 1.2,
            lostPct: 2.5,
            blockedPct: 0.3,
            frameLostPct: 4.25,
            metering: ['scene' => 0.4, 'spot' => -1.1],
        )->measures;
        $restored = MeasuresReading::restore($this->throughJson($measures->toArray()));

        $this->assertEqualsWithDelta($measures->toArray(), $restored->toArray(), 1e-9);
        $this->assertSame(
            $measures->subject?->tone->statistics->lostHighlights,
            $restored->subject?->tone->statistics->lostHighlights,
        );
    }

    public function test_without_a_subject_there_is_none_afterwards(): void
    {
        $plain = Situations::make(subject: null)->measures->toArray();

        $this->assertArrayNotHasKey('subject', $plain);
        $this->assertNull(MeasuresReading::restore($this->throughJson($plain))->subject);
    }

    #[DataProvider('losses')]
    public function test_a_part_that_is_missing_is_named(callable $lose, string $part): void
    {
        $stored = $lose($this->throughJson(Situations::make()->measures->toArray()));
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('"'.$part.'"');
        MeasuresReading::restore($stored);
    }

    public static function losses(): iterable
    {
        yield 'metering' => [fn (array $stored): array => array_diff_key($stored, ['metering' => 1]), 'metering'];
        yield 'one pattern' => [fn (array $stored): array => ['metering' => ['scene' => 0.0]] + $stored, 'centre'];
        yield 'a histogram' => [
            fn (array $stored): array => ['tone' => array_diff_key($stored['tone'], ['histogram' => 1])] + $stored,
            'histogram',
        ];
        yield 'a share' => [
            fn (array $stored): array => ['tone' => array_diff_key($stored['tone'], ['lostHighlightsPct' => 1])] +
                $stored,
            'lostHighlightsPct',
        ];
    }

    /** @return array<mixed> as the database gives it back, whole numbers included */
    private function throughJson(array $plain): array
    {
        return json_decode((string) json_encode($plain), true);
    }
}
