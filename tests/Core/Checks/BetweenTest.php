<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Briefs;
use Tests\Core\Situations;
use TruePupil\Core\Brief\InvalidBrief;
use TruePupil\Core\Brief\PlainSentence;
use TruePupil\Core\Checks\BriefFormat;
use TruePupil\Core\Checks\CheckBounds;
use TruePupil\Core\Checks\CheckEvaluation;
use TruePupil\Core\Checks\Verdict;

/** A check that lies between two limits. */
final class BetweenTest extends TestCase
{
    private const APERTURE = [
        'measure' => 'record.fNumber', 'comparison' => 'between', 'limit' => 2.8, 'upTo' => 8, 'tolerance' => 3.0,
    ];

    /** @return iterable<string, array{float, Verdict, float}> aperture, verdict, the limit that it is held against */
    public static function apertures(): iterable
    {
        // ƒ/11 is close, which is 0.92 stops beyond ƒ/8: so is ƒ/2.2 below ƒ/2.8, and ƒ/2 is not.
        yield 'below what is close' => [2.0, Verdict::Missed, 2.8];
        yield 'close below' => [2.2, Verdict::Close, 2.8];
        yield 'the lower limit' => [2.8, Verdict::Met, 2.8];
        yield 'within' => [5.6, Verdict::Met, 8.0];
        yield 'the upper limit' => [8.0, Verdict::Met, 8.0];
        yield 'close above' => [11.0, Verdict::Close, 8.0];
        yield 'above what is close' => [13.0, Verdict::Missed, 8.0];
    }

    #[DataProvider('apertures')]
    public function test_both_limits_are_allowed_and_as_many_stops_beyond_each_are_close(
        float $aperture,
        Verdict $verdict,
        float $limit,
    ): void {
        $brief = Briefs::asking([self::APERTURE]);
        $result = CheckEvaluation::one($brief->checks[0], Situations::make(n: $aperture));

        $this->assertSame($verdict, $result->verdict);
        $this->assertSame($limit, $result->toArray()['limit']);
    }

    public function test_it_reads_as_one_says_it(): void
    {
        $sentence = fn (array $check): string => PlainSentence::of(Briefs::asking([$check])->checks[0]);

        $this->assertSame('Aperture: ƒ/2.8 to ƒ/8', $sentence([...self::APERTURE, 'tolerance' => 0]));
        $this->assertSame(
            'Focal length, as on 36 × 24 mm: 70 to 135 mm; 55 mm and 150 mm are close',
            $sentence([
                'measure' => 'record.focalLength35', 'comparison' => 'between', 'limit' => 70, 'upTo' => 135,
                'tolerance' => 15,
            ]),
        );
    }

    public function test_nothing_outside_it_is_suggested(): void
    {
        $this->assertSame([2.8, 8.0], CheckBounds::of(Briefs::asking([self::APERTURE]))->aperture);
    }

    public function test_a_range_that_has_no_end_or_the_wrong_way_round_is_refused(): void
    {
        BriefFormat::refuseSenseless(Briefs::asking([self::APERTURE]));
        $refused = [];
        foreach ([['upTo' => 2.8], ['upTo' => null]] as $changed) {
            try {
                BriefFormat::refuseSenseless(Briefs::asking([[...self::APERTURE, ...$changed]]));
            } catch (InvalidBrief $problem) {
                $refused[] = $problem->getMessage();
            }
        }
        $this->assertCount(2, $refused);
        $this->assertStringContainsString('upTo', $refused[0]);
        $this->assertStringContainsString('upTo', $refused[1]);
    }
}
