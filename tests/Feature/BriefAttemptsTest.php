<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\BriefAttempts;
use Tests\Support\PracticeAttempt;
use Tests\TestCase;

/**
 * Each ready brief, shot with the practice camera: what a good teacher would accept passes whole, and what she would
 * not is caught by the check that is about it.
 */
#[Group('long')]
final class BriefAttemptsTest extends TestCase
{
    public function test_every_ready_brief_has_its_attempts(): void
    {
        $briefs = array_map(fn (string $path): string => basename($path, '.json'), glob(resource_path('briefs/*.json'))
            ?: []);
        $shot = iterator_to_array(BriefAttempts::all());

        $this->assertCount(34, $briefs);
        $this->assertEqualsCanonicalizing($briefs, array_keys($shot));
        foreach ($shot as $brief => $attempts) {
            $this->assertGreaterThanOrEqual(3, count($attempts['accepted']), $brief);
            $this->assertGreaterThanOrEqual(4, count($attempts['refused']), $brief);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function briefs(): iterable
    {
        foreach (array_keys(iterator_to_array(BriefAttempts::all())) as $brief) {
            yield $brief => [$brief];
        }
    }

    #[DataProvider('briefs')]
    public function test_what_is_right_passes_and_what_is_wrong_is_caught_by_its_check(string $brief): void
    {
        $attempts = iterator_to_array(BriefAttempts::all())[$brief];
        foreach ($attempts['accepted'] as $name => $frames) {
            $attempt = PracticeAttempt::at($brief, $frames);
            $this->assertSame([], $attempt->unmet(), "$name: all checks are met");
            $this->assertSame([], $attempt->faults(), "$name: nothing is to be put right");
        }
        foreach ($attempts['refused'] as $name => [$check, $frames]) {
            $this->assertContains($check, PracticeAttempt::at($brief, $frames)->caughtBy(), $name);
        }
    }
}
