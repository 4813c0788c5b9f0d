<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Capture\PictureOrigin;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\StillFromFilm;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\IntendedSubject;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\SubjectKind;

final class StillFromFilmTest extends TestCase
{
    public function test_somebody_who_walks_asks_for_a_shorter_time_than_a_film_usually_gives(): void
    {
        $finding = $this->judge(null, SubjectKind::Walker);

        $this->assertSame(Severity::Choice, $finding?->severity);
        $this->assertStringContainsString('1/50 s at 25 frames a second', $finding->sentence);
        $this->assertStringContainsString('set 1/160 s or shorter before you film', $finding->sentence);
    }

    public function test_a_time_that_holds_it_is_left_alone_on_both_sides_of_a_click(): void
    {
        $this->assertStringStartsWith('Each frame of this film got 1/80 s.', (string) $this->judge(
            1 / 80,
            SubjectKind::Walker,
        )?->sentence);
        $this->assertNull($this->judge(1 / 160, SubjectKind::Walker));
    }

    public function test_what_stands_still_and_what_is_no_film_are_not_spoken_of(): void
    {
        $this->assertNull($this->judge(null, SubjectKind::Room));
        $this->assertNull($this->judge(null, SubjectKind::Walker, null));
    }

    public function test_a_smear_in_it_is_a_weakness_whatever_it_shows(): void
    {
        $finding = (new StillFromFilm())->judge(Situations::make(
            t: null,
            record: ['origin' => PictureOrigin::Video],
            focus: ['smear' => ['degrees' => 0.0, 'along' => 2.0, 'across' => 0.5]],
        ));

        $this->assertSame(Severity::Weakness, $finding?->severity);
    }

    private function judge(
        ?float $time,
        SubjectKind $kind,
        ?PictureOrigin $origin = PictureOrigin::Video,
    ): ?Finding {
        return (new StillFromFilm())->judge(Situations::make(
            t: $time,
            record: ['origin' => $origin],
            intent: new Intent(contents: new IntendedContents(about: new IntendedSubject($kind))),
        ));
    }
}
