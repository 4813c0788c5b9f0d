<?php

declare(strict_types=1);

namespace Tests\Core\Findings;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Findings\Topic;

final class TopicTest extends TestCase
{
    /** What a teacher would say first, step by step; each step is a small one, so that gravity and evidence decide. */
    private const STEPS = [
        [Topic::Exposure, Topic::Focus, Topic::Movement],
        [Topic::Tone, Topic::Flash, Topic::People],
        [Topic::Mode, Topic::Depth, Topic::Series, Topic::Film],
        [Topic::Plan],
        [Topic::Noise],
        [Topic::Lens, Topic::Composition],
        [Topic::Colour],
        [Topic::File],
    ];

    public function test_what_harms_a_picture_more_is_said_first(): void
    {
        $this->assertCount(count(Topic::cases()), array_merge(...self::STEPS));
        $before = 1.0;
        foreach (self::STEPS as $at => $topics) {
            $harm = array_unique(array_map(fn (Topic $topic): float => $topic->harm(), $topics));
            $this->assertCount(1, $harm, $topics[0]->value);
            if ($at > 0) {
                $this->assertLessThan($before, $harm[0], $topics[0]->value);
                $this->assertEqualsWithDelta($before, $harm[0], 0.1 + 1e-9, $topics[0]->value);
            }
            $before = $harm[0];
        }
        $this->assertSame(1.0, Topic::Exposure->harm());
        $this->assertEqualsWithDelta(0.4, $before, 1e-9);
    }
}
