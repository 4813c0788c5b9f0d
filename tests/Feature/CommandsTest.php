<?php

declare(strict_types=1);

namespace Tests\Feature;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Support\Pictures;
use Tests\TestCase;

/** The headless commands, run as a person would run them, with no database in reach. */
final class CommandsTest extends TestCase
{
    public function test_read(): void
    {
        $read = $this->answer(['pupil:read', Pictures::jpeg()]);

        $this->assertSame(['make' => 'Marlpit', 'model' => 'Marlpit One'], $read['camera']);
        $this->assertEqualsWithDelta(
            [5.6, 0.01, 100],
            [$read['exposure']['fNumber'], $read['exposure']['exposureTime'], $read['exposure']['iso']],
            1e-6,
        );
        $this->assertSame(
            ['aperture', 'scene', false, null],
            [
                $read['exposure']['mode'],
                $read['exposure']['metering'],
                $read['exposure']['flashFired'],
                $read['exposure']['focusDistance'],
            ],
        );
        $this->assertSame(
            ['width' => 600, 'height' => 400, 'format' => 'JPEG', 'orientation' => 1, 'colourSpace' => 'sRGB'],
            $read['image'],
        );
        $this->assertSame('file', $read['provenance']['fNumber']);
    }

    public function test_measure(): void
    {
        $measured = $this->answer(['pupil:measure', Pictures::jpeg(patch: 180), '--subject='.Pictures::SUBJECT]);

        $this->assertSame(600 * 400, array_sum($measured['tone']['histogram']['luminance']));
        $this->assertEqualsWithDelta(1.342, $measured['subject']['meanStops'], 0.05);
        $this->assertEqualsCanonicalizing(
            ['tone', 'metering', 'focus', 'composition', 'colour', 'subject', 'thumb'],
            array_keys($measured),
        );
    }

    public function test_critique(): void
    {
        $critique = $this->answer([
            'pupil:critique',
            Pictures::jpeg(patch: 118),
            '--brief=meter-is-fooled',
            '--subject='.Pictures::SUBJECT,
            '--support=hand',
        ]);
        $checks = array_column($critique['checks'], 'verdict', 'id');

        $this->assertSame(['mode' => 'met', 'placement' => 'missed', 'highlights' => 'met', 'iso' => 'met'], $checks);
        $this->assertContains('exposure.meter-fooled', array_column($critique['findings'], 'id'));
        $this->assertEqualsWithDelta(4 / 3, $critique['suggestions'][0]['compensation'], 0.01);
        $black = $this->answer([
            'pupil:critique',
            Pictures::jpeg(patch: 58),
            '--brief=meter-is-fooled',
            '--placement=black',
            '--subject='.Pictures::SUBJECT,
        ]);
        $this->assertSame('met', array_column($black['checks'], 'verdict', 'id')['placement']);
        $this->assertSame('unknown', array_column($black['checks'], 'verdict', 'id')['iso']);
    }

    public function test_scenes(): void
    {
        $scenes = array_column($this->answer(['pupil:scenes'])['scenes'], null, 'id');

        $this->assertCount(11, $scenes);
        $this->assertArrayHasKey('chart', $scenes);
        $this->assertSame([1800, 1200], $scenes['chart']['sizes']);
        // Grey at EV 10 with patches to either side.
        $this->assertEqualsWithDelta(10.0, $scenes['chart']['ev100'], 1.0);
        $this->assertLessThan(3.0, $scenes['lanterns']['ev100'], 'night');
        $this->assertGreaterThan(12.0, $scenes['arcade']['ev100'], 'sun');
    }

    public function test_shoot_and_read_back(): void
    {
        $path = Pictures::path('jpg');
        $shot = $this->answer([
            'pupil:shoot',
            'chart',
            '--n=8',
            '--t=1/60',
            '--iso=100',
            '--focus=4',
            '--focal=50',
            '--metering=centre',
            '--out='.$path,
        ]);
        $read = $this->answer(['pupil:read', $path]);

        $this->assertSame('manual', $shot['mode']);
        $this->assertEqualsWithDelta(
            [8, 1 / 60, 100, 50, 50, 4],
            [
                $read['exposure']['fNumber'],
                $read['exposure']['exposureTime'],
                $read['exposure']['iso'],
                $read['exposure']['focalLength'],
                $read['exposure']['focalLength35'],
                $read['exposure']['focusDistance'],
            ],
            0.01,
        );
        $this->assertSame(
            ['manual', 'centre', false],
            [$read['exposure']['mode'], $read['exposure']['metering'], $read['exposure']['flashFired']],
        );
        $measured = $this->answer(['pupil:measure', $path]);
        $this->assertEqualsWithDelta($shot['patterns']['centre'], $measured['metering']['centre'], 0.1);
    }

    public function test_expose(): void
    {
        $request = [
            'sceneEv100' => 7.0,
            'mode' => 'aperture',
            'set' => ['fNumber' => 2.8, 'exposureTime' => null, 'iso' => 'auto'],
            'compensation' => 0,
            'filterStops' => 0,
            'lens' => ['focalLength' => 50, 'widest' => 1.8, 'smallest' => 16],
            'autoIso' => ['floor' => 100, 'ceiling' => 6400, 'slowest' => 0.0125],
            'body' => [
                'format' => '36x24',
                'fastest' => 0.000125,
                'slowest' => 30,
                'isoMin' => 100,
                'isoMax' => 25600,
                'isoBase' => 100,
                'stepsPerStop' => 3,
            ],
        ];
        $answer = $this->answer(['pupil:expose'], (string) json_encode($request));

        $this->assertSame(
            ['fNumber' => 2.8, 'exposureTime' => 0.0125, 'iso' => 500],
            array_map(fn ($value) => $value == (int) $value ? (int) $value : $value, $answer['display']),
        );
        $this->assertEqualsWithDelta(2 ** (-19 / 3), $answer['exposureTime'], 1e-9);
        $this->assertSame(['fNumber' => 'person', 'exposureTime' => 'camera', 'iso' => 'camera'], $answer['decidedBy']);
        $this->assertSame('slowest-automatic-time', $answer['limits'][0]['what']);
        $this->assertLessThanOrEqual(1 / 6, abs($answer['errorStops']));
        foreach (
            [
                'nonsense' => 'not JSON',
                '{"mode":"aperture"}' => 'sceneEv100',
                '{"sceneEv100":9,"mode":"sideways"}' => '"mode"',
                '{"sceneEv100":9,"mode":"manual","set":{"iso":"lots"}}' => '"set.iso"',
            ] as $input => $says
        ) {
            $process = $this->artisanProcess(['pupil:expose'], $input);
            $this->assertSame(1, $process->getExitCode());
            $this->assertStringContainsString($says, json_decode($process->getOutput(), true)['error']['message']);
        }
    }

    public function test_a_path_is_one_of_the_folder_that_the_command_is_called_in(): void
    {
        $path = Pictures::jpeg(patch: 118);
        foreach (['pupil:critique', 'pupil:measure'] as $command) {
            $this->assertNotEmpty($this->answer(
                [$command, basename($path), '--subject='.Pictures::SUBJECT],
                folder: dirname($path),
            ));
        }
    }

    public function test_critique_counts_with_kit_and_plan(): void
    {
        $kit = Pictures::file(
            (string) json_encode([
                'body' => ['format' => '36x24', 'pixels' => [6000, 4000], 'isoMin' => 50, 'isoBase' => 200],
                'lenses' => [['name' => 'Marlpit 50 mm', 'minFocal' => 50, 'widestAtMin' => 1.8, 'smallest' => 16]],
            ]),
            'json',
        );
        $plan = Pictures::file(
            (string) json_encode([
                'support' => 'hand',
                'intent' => ['subject' => 3, 'near' => 2, 'far' => 5, 'motion' => ['speed' => 1.4, 'want' => 'freeze']],
                'fNumber' => 8,
            ]),
            'json',
        );
        $critique = $this->answer([
            'pupil:critique',
            Pictures::jpeg(patch: 118),
            '--subject='.Pictures::SUBJECT,
            '--kit='.$kit,
            '--plan='.$plan,
            '--brief=meter-is-fooled',
        ]);
        $findings = array_column([...$critique['findings'], ...$critique['further']], null, 'id');
        $this->assertLessThanOrEqual(3, count($critique['findings']));

        foreach (
            ['exposure.iso-below-base', 'depth.too-shallow', 'movement.subject-blurred', 'plan.not-followed'] as $id
        ) {
            $this->assertArrayHasKey($id, $findings);
            $this->assertEqualsCanonicalizing(
                ['id', 'topic', 'severity', 'sentence', 'evidence', 'source', 'suggestion'],
                array_diff(array_keys($findings[$id]), ['otherView']),
            );
        }
        $best = $critique['suggestions'][0];
        $this->assertSame('Marlpit 50 mm', $best['lens']);
        $this->assertContains('depth.too-shallow', $best['fixes']);
        $this->assertNull($critique['impossible']);
    }

    public function test_several_files_are_a_series(): void
    {
        $file = fn (float $time, int $second): string => Pictures::jpeg(
            mark: $second,
            record: Pictures::record(t: $time, takenAt: new DateTimeImmutable('2026-10-03 18:00:0'.$second)),
        );
        // Given out of order.
        $critique = $this->answer(['pupil:critique', $file(1 / 30, 2), $file(1 / 500, 0), $file(1 / 125, 1)]);
        $series = array_values(
            array_filter($critique['findings'], fn (array $finding): bool => $finding['topic'] === 'series'),
        );

        $this->assertSame(
            ['kind' => 'bracket', 'moving' => ['time']],
            array_intersect_key($critique['series'], ['kind' => 1, 'moving' => 1]),
        );
        $this->assertSame(['series.bracket-complete', null], [$series[0]['id'], $series[0]['frame']]);
        $this->assertCount(3, $critique['frames']);
        $this->assertEqualsWithDelta(1 / 500, $critique['record']['exposure']['exposureTime'], 1e-6);
    }

    public function test_solve(): void
    {
        $request = [
            'sceneEv100' => 9.0,
            'support' => 'hand',
            'intent' => [
                'subject' => 3.0,
                'near' => 2.7,
                'far' => 3.4,
                'motion' => ['speed' => 1.4, 'angle' => 0, 'want' => 'freeze'],
                'focalLength35' => 50,
                'maxIso' => 6400,
            ],
            'body' => [
                'format' => '23.5x15.6',
                'pixels' => [6000, 4000],
                'fastest' => 0.00025,
                'slowest' => 30,
                'isoMin' => 100,
                'isoMax' => 12800,
                'isoBase' => 100,
                'stabiliserStops' => 3,
                'stepsPerStop' => 3,
            ],
            'lenses' => [
                [
                    'name' => '35 prime',
                    'minFocal' => 35,
                    'maxFocal' => 35,
                    'widestAtMin' => 1.8,
                    'widestAtMax' => 1.8,
                    'smallest' => 16,
                    'closestFocus' => 0.3,
                ],
            ],
            'filters' => [3, 6, 10],
        ];
        $answer = $this->answer(['pupil:solve'], (string) json_encode($request));
        $best = $answer['suggestions'][0];

        $this->assertTrue($best['meets']);
        $this->assertNull($answer['impossible']);
        $this->assertEqualsWithDelta(
            9.0,
            log($best['fNumber'] ** 2 / $best['exposureTime'], 2) - log($best['iso'] / 100, 2),
            1 / 6 + 1e-6,
        );
        $this->assertContains('not-deep-enough', array_column($answer['map']['zones'], 'reason'));
        $this->assertSame('suggestion', $answer['map']['points'][0]['what']);
        $dark = $this->answer(['pupil:solve'], (string) json_encode(['sceneEv100' => 0.0] + $request));
        $this->assertContains('light', array_column($dark['impossible']['wouldHelp'], 'what'));
        foreach (
            [
                '{"body":{},"lenses":[]}' => 'sceneEv100',
                '{"sceneEv100":9,"lenses":[{"minFocal":-35,"widestAtMin":2}]}' => 'lenses.0.minFocal',
                '{"sceneEv100":9,"intent":{"near":5,"far":2}}' => '5',
            ] as $input => $says
        ) {
            $process = $this->artisanProcess(['pupil:solve'], $input);
            $this->assertSame(1, $process->getExitCode());
            $this->assertStringContainsString($says, json_decode($process->getOutput(), true)['error']['message']);
        }
    }

    #[DataProvider('calculations')]
    public function test_calc(array $arguments, array $expected): void
    {
        $answer = $this->answer(['pupil:calc', ...$arguments]);
        foreach ($expected as $key => $value) {
            $value === null
                ? $this->assertNull($answer[$key])
                : $this->assertEqualsWithDelta($value, $answer[$key], 0.001);
        }
    }

    public static function calculations(): array
    {
        return [
            [['ev', 'n=16', 't=1/125', 'iso=100'], ['ev100' => 14.966, 'luminance' => 4000.0]],
            [
                ['dof', 'f=16', 'n=8', 's=2', 'c=0.030'],
                ['hyperfocal' => 1.083, 'near' => 0.699, 'far' => null, 'total' => null],
            ],
            [['stops', 'fromN=3.2', 'toN=1.8'], ['stops' => 5 / 3]],
        ];
    }

    #[DataProvider('faults')]
    public function test_bad_input_is_one_json_error_and_a_line_for_people(
        array $arguments,
        string $code,
        string $says,
    ): void {
        $process = $this->artisanProcess($arguments);

        $this->assertSame(1, $process->getExitCode());
        $error = json_decode($process->getOutput(), true)['error'];
        $this->assertSame($code, $error['code']);
        $this->assertStringContainsString($says, $error['message']);
        $this->assertStringContainsString($says, $process->getErrorOutput());
    }

    public static function faults(): array
    {
        return [
            [['pupil:read', '/nowhere/at-all.jpg'], 'unreadable-picture', 'no such file'],
            [['pupil:calc', 'pupil', 'f=50', 'n=0'], 'bad-input', '"n"'],
            [['pupil:calc', 'pupil', 'f=50', 'n=2', 'fokal=3'], 'bad-input', 'There is no "fokal" here; there is f, n'],
            [['pupil:calc', 'pupil', 'f=50'], 'bad-input', '"n" is missing'],
            [['pupil:calc', 'dof', 'f=50', 'n=8', 's=3', 'format=big'], 'bad-input', '"big"'],
            [['pupil:calc', 'phase-of-tea'], 'bad-input', 'phase-of-tea'],
            [['pupil:calc', 'ev', 'sixteen'], 'bad-input', 'key=value'],
            [['pupil:critique', __FILE__, '--brief=no-such'], 'bad-input', 'no-such'],
            [['pupil:measure', __FILE__], 'unreadable-picture', 'not a picture'],
            [['pupil:critique', __FILE__, '--kit=nowhere.json'], 'bad-input', 'nowhere.json'],
            [['pupil:critique', __FILE__, '--plan='.__FILE__], 'bad-input', 'not JSON'],
            [['pupil:calc', 'sky', 'lat=95', 'lon=0', 'at=2026-06-21T12:00:00Z'], 'bad-input', '95'],
            [['pupil:calc', 'dof', 'f=50', 'n=8', 's=-3', 'format=36x24'], 'bad-input', '-3'],
            [['pupil:calc', 'dof', 'f=500', 'n=8', 's=0.4', 'format=36x24'], 'bad-input', '0.4'],
        ];
    }

    /** @return array<string, mixed> */
    private function answer(array $arguments, string $input = '', ?string $folder = null): array
    {
        $process = $this->artisanProcess($arguments, $input, $folder);
        $this->assertSame(0, $process->getExitCode(), $process->getOutput().$process->getErrorOutput());

        return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }

    private function artisanProcess(array $arguments, string $input = '', ?string $folder = null): Process
    {
        $process = new Process(
            [PHP_BINARY, base_path('artisan'), ...$arguments],
            $folder ?? base_path(),
            ['DB_HOST' => '127.0.0.1', 'DB_PORT' => '1'],
            $input,
            timeout: 60,
        );
        $process->run();

        return $process;
    }
}
