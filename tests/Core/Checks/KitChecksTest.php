<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Brief\BriefFrames;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\KitRule;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Checks\CheckEvaluation;
use TruePupil\Core\Checks\KitChecks;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Series\Series;

/** What a brief lets its frames be taken with, as checks. */
final class KitChecksTest extends TestCase
{
    public function test_what_can_be_measured_is_checked_and_nothing_is_asked_twice(): void
    {
        $ids = fn (BriefFrames $frames, array $asked = []): array => array_map(
            fn (Check $check): string => $check->id,
            KitChecks::of($frames, $asked),
        );

        $this->assertSame(
            ['kit-one-lens', 'kit-no-flash', 'kit-no-tripod'],
            $ids(new BriefFrames(3, kit: KitRule::cases())),
        );
        $this->assertSame([], $ids(new BriefFrames(1, kit: [KitRule::OneLens, KitRule::Phones])), 'one frame');
        $this->assertSame(['kit-one-lens'], $ids(new BriefFrames(1, most: 2, kit: [KitRule::OneLens])));
        $flash = KitChecks::of(new BriefFrames(1, kit: [KitRule::NoFlash]), []);
        $this->assertSame([], $ids(new BriefFrames(1, kit: [KitRule::NoFlash]), $flash));
    }

    public function test_a_flash_and_a_tripod_miss_them_and_what_is_not_recorded_is_not_told(): void
    {
        [$flash, $tripod] = KitChecks::of(new BriefFrames(1, kit: [KitRule::NoFlash, KitRule::NoTripod]), []);
        $verdict = fn (Check $check, array $facts): Verdict => CheckEvaluation::one(
            $check,
            Situations::make(...$facts),
        )->verdict;

        $this->assertSame(Verdict::Missed, $verdict($flash, ['record' => ['flashFired' => true]]));
        $this->assertSame(Verdict::Met, $verdict($flash, ['record' => ['flashFired' => false]]));
        $this->assertSame(Verdict::Unknown, $verdict($flash, []));
        $this->assertSame(Verdict::Missed, $verdict($tripod, ['support' => Support::Tripod]));
        $this->assertSame(Verdict::Met, $verdict($tripod, ['support' => Support::Monopod]));
        $this->assertSame(Verdict::Unknown, $verdict($tripod, ['support' => null]));
    }

    public function test_lenses_of_a_row_are_counted_by_name(): void
    {
        [$check] = KitChecks::of(new BriefFrames(2, kit: [KitRule::OneLens]), []);
        $with = fn (?string ...$names): Verdict => CheckEvaluation::one($check, Situations::make(
            series: Series::of(array_map(
                fn (?string $name, CaptureRecord $frame): CaptureRecord => new CaptureRecord(
                    lens: new RecordedLens(name: $name),
                    exposure: $frame->exposure,
                    takenAt: $frame->takenAt,
                ),
                array_values($names),
                Situations::frames([[8, 1 / 60, 100, 0], [8, 1 / 125, 100, 1]]),
            )),
        ))->verdict;

        $this->assertSame(Verdict::Met, $with('Marlpit 50 mm', 'Marlpit 50 mm'));
        $this->assertSame(Verdict::Missed, $with('Marlpit 50 mm', 'Marlpit 85 mm'));
        $this->assertSame(Verdict::Unknown, $with('Marlpit 50 mm', null));
        $this->assertSame(Verdict::Unknown, CheckEvaluation::one($check, Situations::make())->verdict);
    }
}
