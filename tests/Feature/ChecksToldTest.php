<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Wording\ChecksTold;
use PHPUnit\Framework\TestCase;

final class ChecksToldTest extends TestCase
{
    public function test_what_cannot_be_told_counts_among_what_was_asked(): void
    {
        $told = ChecksTold::of(array_map(
            fn (string $verdict): array => ['verdict' => $verdict],
            ['met', 'unknown', 'unknown', 'unknown'],
        ));

        $this->assertSame('1 of 4 met; 3 not told', $told->progress());
        $this->assertSame('1 met, 3 cannot be told', $told->inWords());
        $this->assertSame('1 of 1 met', ChecksTold::of([['verdict' => 'met']])->progress());
        $this->assertSame('', ChecksTold::of([])->progress());
    }
}
