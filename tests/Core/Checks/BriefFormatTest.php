<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\Protects;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\InvalidBrief;
use TruePupil\Core\Checks\BriefFormat;
use TruePupil\Core\Checks\CheckEvaluation;
use TruePupil\Core\Checks\CheckResult;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Checks\Measures\FocusEyeSharpness;
use TruePupil\Core\Checks\Measures\MovementBandError;
use TruePupil\Core\Checks\Measures\RecordExposureTime;
use TruePupil\Core\Checks\Measures\RecordIso;
use TruePupil\Core\Checks\Measures\RecordShakeRoom;
use TruePupil\Core\Checks\Measures\RecordSupport;
use TruePupil\Core\Checks\Measures\SaidIdea;
use TruePupil\Core\Checks\Measures\SaidReason;
use TruePupil\Core\Checks\Measures\StarsRoom;
use TruePupil\Core\Checks\Measures\SubjectMeanStops;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final class BriefFormatTest extends TestCase
{
    #[DataProvider('verdicts')]
    public function test_checks_of_the_meter_is_fooled(
        string $check,
        Situation $situation,
        Verdict $verdict,
        ?float $margin,
    ): void {
        $result = $this->check($check, $situation);

        $this->assertSame($verdict, $result->verdict);
        $margin === null
            ? $this->assertNull($result->margin)
            : $this->assertEqualsWithDelta($margin, $result->margin, 0.01);
    }

    public static function verdicts(): iterable
    {
        yield 'a mode that leaves a decision' => ['mode', Situations::make(), Verdict::Met, null];
        yield 'full automatic' => ['mode', Situations::make(mode: ExposureMode::Auto), Verdict::Missed, null];
        yield 'a scene program' => ['mode', Situations::make(mode: ExposureMode::Scene), Verdict::Missed, null];
        yield 'a mode nobody recorded' => [
            'mode',
            Situations::make(mode: ExposureMode::Unknown),
            Verdict::Unknown,
            null,
        ];
        yield 'in its place' => ['placement', Situations::make(subject: 4 / 3), Verdict::Met, 1 / 3];
        yield 'a third away' => ['placement', Situations::make(subject: 1.0), Verdict::Met, 0.0];
        yield 'half a stop away' => ['placement', Situations::make(subject: 4 / 3 - 0.5), Verdict::Close, -0.167];
        yield 'a stop too bright' => ['placement', Situations::make(subject: 4 / 3 + 1), Verdict::Missed, -0.667];
        yield 'no subject marked' => ['placement', Situations::make(subject: null), Verdict::Unknown, null];
        yield 'glints' => ['highlights', Situations::make(subject: 1.3, lostPct: 0.4), Verdict::Met, 0.6];
        yield 'a little lost' => ['highlights', Situations::make(subject: 1.3, lostPct: 1.6), Verdict::Close, -0.6];
        yield 'much lost' => ['highlights', Situations::make(subject: 2.0, lostPct: 12), Verdict::Missed, -11.0];
        yield 'base ISO' => ['iso', Situations::make(iso: 100), Verdict::Met, 1.0];
        // By hand 1/50 s would have held at 50 mm, and a stop faster is no waste; 1/400 s (exactly 1/406) leaves 2.02
        // stops, and ISO 800 has three to give.
        yield 'ISO 800 with time to spare' => [
            'iso',
            Situations::make(t: 1 / 400, iso: 800),
            Verdict::Missed,
            1 - 2.023,
        ];
        yield 'ISO 800 with no time to spare' => ['iso', Situations::make(t: 1 / 50, iso: 800), Verdict::Met, 1.0];
        yield 'ISO 400 on a tripod' => [
            'iso',
            Situations::make(iso: 400, support: Support::Tripod),
            Verdict::Missed,
            1 - 2,
        ];
    }

    public function test_a_check_that_cannot_be_told_says_what_it_needs(): void
    {
        $this->assertSame([Need::Support], $this->check('iso', Situations::make(support: null))->missing);
        $this->assertContains(Need::Subject, $this->check('highlights', Situations::make(subject: null))->missing);
    }

    #[DataProvider('brokenBriefs')]
    public function test_a_brief_that_is_wrong_is_refused_by_the_part_at_fault(callable $break, string $part): void
    {
        $data = $break($this->data());
        $this->expectException(InvalidBrief::class);
        $this->expectExceptionMessage('"'.$part.'"');
        BriefFormat::read($data);
    }

    public static function brokenBriefs(): iterable
    {
        yield 'another format' => [fn (array $data) => ['format' => 'else'] + $data, 'format'];
        yield 'no title' => [fn (array $data) => array_diff_key($data, ['title' => 1]), 'title'];
        yield 'an unknown measure' => [
            function (array $data) {
                $data['checks'][0]['measure'] = 'record.colour';

                return $data;
            },
            'measure',
        ];
        yield 'words where a number belongs' => [
            function (array $data) {
                $data['checks'][1]['limit'] = ['a third'];

                return $data;
            },
            'limit',
        ];
        yield 'cautions that are no list' => [fn (array $data) => ['cautions' => 'mind the step'] + $data, 'cautions'];
    }

    public function test_every_ready_brief_can_be_read_and_asks_for_what_it_can_measure(): void
    {
        $numbers = [];
        foreach (glob(__DIR__.'/../../../resources/briefs/*.json') ?: [] as $path) {
            $brief = BriefFormat::read(
                json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR),
            );
            $numbers[] = $brief->number;
            $this->assertSame(basename($path, '.json'), $brief->id);
            $this->assertNotSame([], $brief->words->cautions, $brief->id);
            $this->assertGreaterThanOrEqual(3, count($brief->checks), $brief->id);
            $this->assertNotSame([], $brief->words->prompts, $brief->id);
            $this->assertFileExists(__DIR__.'/../../../demo/scenes/'.$brief->scene.'/scene.json', $brief->id);
            foreach ($brief->checks as $check) {
                $isWord = is_array($check->limit);
                $this->assertSame($isWord, $check->measure->words !== [], $brief->id.', '.$check->id);
                foreach ($isWord ? $check->limit : [] as $word) {
                    $this->assertArrayHasKey($word, $check->measure->words, $brief->id.', '.$check->id);
                }
            }
        }
        sort($numbers);
        $this->assertSame(range(1, 34), $numbers);
    }

    #[DataProvider('measured')]
    public function test_measures_tell_what_was_recorded_and_how_it_met_the_intent(
        Measure $measure,
        Situation $situation,
        float|string|null $expected,
    ): void {
        is_float($expected)
            ? $this->assertEqualsWithDelta($expected, $measure->read($situation), 0.05)
            : $this->assertSame($expected, $measure->read($situation));
    }

    public static function measured(): iterable
    {
        yield 'the time' => [new RecordExposureTime(), Situations::make(t: 1 / 125), 1 / 128];
        yield 'ISO' => [new RecordIso(), Situations::make(iso: 800), 800.0];
        yield 'the support, as a word' => [new RecordSupport(), Situations::make(support: Support::Tripod), 'tripod'];
        yield 'a support that nobody named' => [new RecordSupport(), Situations::make(support: null), null];
        yield 'two stops of room by hand at 50 mm' => [new RecordShakeRoom(), Situations::make(t: 1 / 200), 2.02];
        yield 'all the room there is on a tripod' => [
            new RecordShakeRoom(),
            Situations::make(support: Support::Tripod),
            20.0,
        ];
        yield 'no room is known where nobody said what held it' => [
            new RecordShakeRoom(),
            Situations::make(support: null),
            null,
        ];
        yield 'silk at a second' => [
            new MovementBandError(),
            Situations::make(t: 1.0, intent: new Intent(movement: new Movement(MovementLook::Silk))),
            0.0,
        ];
        yield 'three stops too short for silk' => [
            new MovementBandError(),
            Situations::make(t: 1 / 16, intent: new Intent(movement: new Movement(MovementLook::Silk))),
            -3.0,
        ];
        yield 'no look was wanted' => [new MovementBandError(), Situations::make(t: 1.0), null];
        yield 'the subject from mid-grey' => [new SubjectMeanStops(), Situations::make(subject: 4 / 3), 4 / 3];
        // 500 over 50 mm are ten seconds.
        yield 'a stop too long for stars' => [
            new StarsRoom(),
            Situations::make(t: 20, intent: new Intent(contents: new IntendedContents(stars: true))),
            log(10 / 20.16, 2),
        ];
        yield 'a reason' => [new SaidReason(), Situations::make(reason: 'The lines meet there.'), 'given'];
        yield 'blanks are no reason' => [new SaidReason(), Situations::make(reason: '  '), 'none'];
        yield 'an idea' => [new SaidIdea(), Situations::make(intent: new Intent(idea: Idea::Symmetry)), 'symmetry'];
        yield 'no stars were meant' => [new StarsRoom(), Situations::make(t: 20), null];
    }

    public function test_an_eye_that_was_not_marked_and_stars_that_were_not_meant_are_asked_for(): void
    {
        $this->assertSame(Need::Eye, (new FocusEyeSharpness())->needs[0]);
        $this->assertFalse(Need::Eye->isKnownIn(Situations::make()));
        $this->assertFalse(Need::Stars->isKnownIn(Situations::make()));
        $this->assertTrue(
            Need::Stars->isKnownIn(Situations::make(intent: new Intent(contents: new IntendedContents(stars: true)))),
        );
    }

    public function test_an_approach_keeps_its_defaults_and_refuses_what_is_no_choice(): void
    {
        $this->assertSame(Protects::Shadows, Approach::fromArray(['protects' => 'shadows'])->light->protects);
        $this->assertEquals(new Approach(), Approach::fromArray((new Approach())->toArray()));
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('protects');
        Approach::fromArray(['protects' => 'everything']);
    }

    private function check(string $id, Situation $situation): CheckResult
    {
        $results = array_filter(
            CheckEvaluation::of($this->brief(), $situation),
            fn (CheckResult $result): bool => $result->check->id === $id,
        );

        return array_values($results)[0];
    }

    private function brief(): Brief
    {
        return BriefFormat::read($this->data());
    }

    /** @return array<mixed> the ready brief as it ships */
    private function data(): array
    {
        return json_decode(
            (string) file_get_contents(__DIR__.'/../../../resources/briefs/meter-is-fooled.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }
}
