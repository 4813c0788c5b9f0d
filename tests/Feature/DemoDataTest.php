<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\Demo\DemoShots;
use App\Models\AttemptState;
use App\Models\NoteKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use Tests\TestCase;
use TruePupil\Core\Composition\Region;

/** The demo's facts hang together: read without pressing a shutter. */
final class DemoDataTest extends TestCase
{
    public function test_one_instructor_two_critics_and_twelve_students(): void
    {
        $roles = array_count_values(array_column($this->facts('course')['members'], 'role'));
        $emails = array_column($this->facts('course')['members'], 'email');

        $this->assertSame(['instructor' => 1, 'critic' => 2, 'student' => 12], $roles);
        $this->assertSame($emails, array_unique($emails));
        foreach ($emails as $email) {
            $this->assertStringEndsWith('.example', $email, 'no address that could be somebody\'s');
        }
    }

    public function test_attempts_stand_in_every_state_and_some_are_reshot(): void
    {
        $attempts = $this->facts('attempts');
        $students = array_column($attempts, 'student');

        $this->assertEqualsCanonicalizing(
            array_column(AttemptState::cases(), 'value'),
            array_values(array_unique(array_column($attempts, 'state'))),
        );
        $this->assertGreaterThan(0, max(array_count_values($students)) - 1);
        $this->assertGreaterThanOrEqual(
            8,
            count(array_unique(array_column($attempts, 'scene'))),
            'hardly a scene is left out',
        );
    }

    public function test_every_attempt_can_be_photographed_and_its_subject_lies_in_the_frame(): void
    {
        $shots = app(DemoShots::class);
        foreach ($this->facts('attempts') as $index => $facts) {
            $rows = app(BriefLibrary::class)->find($facts['brief'])?->rows() ?? [];
            $this->assertSame(
                $rows !== [],
                isset($facts['frames']),
                $facts['student'].' hands in as many frames as the brief has a row for',
            );
            $shot = $shots->shot($facts, Carbon::parse('2026-10-06 19:00'), $index);
            $subject = $shots->subject($facts, $shot);
            $left = count(
                array_filter(
                    [$shot->exposure->aperture, $shot->exposure->time, $shot->exposure->iso],
                    fn ($value) => $value === null,
                ),
            );

            $this->assertLessThanOrEqual(1, $left, $facts['student'].' leaves the camera more than one value');
            $this->assertGreaterThan(0.2, Region::of(...array_values($subject))->sharePct());
            $this->assertFileExists($shot->scene->file($shot->scene->files->plates[0]));
            $brief = app(BriefLibrary::class)->find($facts['brief']);
            $this->assertNotNull($brief);
            $this->assertTrue(
                isset($facts['placement'])
                    ? $brief->placement($facts['placement']) !== null
                    : $brief->placements === [],
            );
            foreach ($facts['notes'] ?? [] as [$kind]) {
                $this->assertNotNull(NoteKind::tryFrom($kind));
            }
        }
    }

    /** @return array<mixed> */
    private function facts(string $name): array
    {
        return File::json(base_path('demo/kilnyard/'.$name.'.json'), JSON_THROW_ON_ERROR);
    }
}
