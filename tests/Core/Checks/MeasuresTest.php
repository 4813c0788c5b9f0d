<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Checks\Measures\RecordMode;
use TruePupil\Core\Checks\Measures\RecordSupport;
use TruePupil\Core\Situation\Need;

/** What every measure of a check has to say of itself. */
final class MeasuresTest extends TestCase
{
    /** @return iterable<string, array{Measure}> every measure there is, by the name of its class */
    public static function all(): iterable
    {
        foreach (glob(__DIR__.'/../../../core/Checks/Measures/*.php') ?: [] as $file) {
            $class = 'TruePupil\\Core\\Checks\\Measures\\'.basename($file, '.php');
            yield basename($file, '.php') => [new $class()];
        }
    }

    #[DataProvider('all')]
    public function test_it_is_found_by_its_id_and_says_what_it_is(Measure $measure): void
    {
        $this->assertEquals($measure, Measures::find($measure->id));
        $this->assertNotSame('', $measure->label);
        $this->assertNotSame('', $measure->meaning);
        $this->assertContains($measure->unit, ['', 'stops', '%', 's', 'mm', 'min', '°', 'K']);
        $this->assertNotSame(...$measure->sides);
    }

    #[DataProvider('all')]
    public function test_what_is_usually_asked_of_it_can_be_asked(Measure $measure): void
    {
        $usual = $measure->usual;

        $this->assertContains($usual->comparison, $measure->comparisons());
        $this->assertGreaterThanOrEqual(0.0, $usual->tolerance);
        if ($measure->words === []) {
            $this->assertIsFloat($usual->limit);
            $this->assertTrue($usual->comparison !== Comparison::Within || $usual->limit >= 0.0);
        } else {
            $this->assertIsArray($usual->limit);
            $this->assertSame([], array_diff($usual->limit, array_keys($measure->words)));
            $this->assertNotCount(count($measure->words), $usual->limit, 'what is asked can be missed');
        }
    }

    #[DataProvider('all')]
    public function test_what_lacks_nothing_is_known_or_not_recorded(Measure $measure): void
    {
        $situation = Situations::make();
        $value = $measure->read($situation);
        $missing = array_filter($measure->needs, fn (Need $need): bool => ! $need->isKnownIn($situation));

        $this->assertTrue($value === null || is_float($value) || isset($measure->words[$value]));
        $this->assertTrue($missing === [] || $value === null, 'nothing is told while something is missing');
    }

    public function test_what_follows_from_the_subject_alone_is_told_by_what_it_needs(): void
    {
        $following = [];
        foreach (self::all() as [$measure]) {
            if ($measure->followsFromSubject()) {
                $following[] = $measure->id;
            }
        }
        $this->assertSame(
            [
                'focus.subjectRatio',
                'focus.subjectSharpness',
                'raw.subjectLostPct',
                'subject.blockedShadowsPct',
                'subject.burntPct',
                'subject.lostHighlightsPct',
                'subject.meanStops',
                'subject.placementError',
                'subject.sharePct',
                'subject.usedStops',
            ],
            $following,
        );
    }

    public function test_an_id_of_none_is_none(): void
    {
        $none = ['', 'record', 'record.', 'record.FNumber', 'Record.fNumber', 'record.mode ', 'tone.\\x', '..'];
        foreach ($none as $id) {
            $this->assertNull(Measures::find($id), $id);
        }
        $this->expectException(OutOfBoundsException::class);
        Measures::of('record.colour');
    }

    public function test_words_are_said_in_full(): void
    {
        $this->assertSame('by hand', (new RecordSupport())->word('hand'));
        $this->assertSame('aperture priority', (new RecordMode())->word('aperture'));
        $this->assertArrayNotHasKey('unknown', (new RecordMode())->words);
    }
}
