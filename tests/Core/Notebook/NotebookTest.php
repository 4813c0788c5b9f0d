<?php

declare(strict_types=1);

namespace Tests\Core\Notebook;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Notebook\FieldNote;
use TruePupil\Core\Notebook\Notebook;

final class NotebookTest extends TestCase
{
    public function test_the_latest_word_stands_and_the_earlier_ones_can_be_read(): void
    {
        $notebook = Notebook::of([
            new FieldNote('b', '12', 'aperture', '8', 2000),
            new FieldNote('a', '12', 'aperture', '5.6', 1000),
            new FieldNote('c', '12', 'time', '1/60', 1500),
        ]);

        $this->assertSame('8', $notebook->value('12', 'aperture'));
        $this->assertSame(2000, $notebook->at('12', 'aperture'));
        $this->assertSame(['12' => ['aperture' => '8', 'time' => '1/60']], $notebook->values());
        $this->assertSame(['5.6'], array_column($notebook->earlier('12'), 'value'));
        $this->assertSame('', $notebook->value('13', 'aperture'));
        $this->assertNull($notebook->at('13', 'aperture'));
        $this->assertSame([], $notebook->earlier('13'));
    }

    public function test_taking_back_leaves_nothing_standing_but_what_was_there_to_read(): void
    {
        $notebook = Notebook::of([
            new FieldNote('a', 'gate', 'done', '1', 1000),
            new FieldNote('b', 'gate', 'done', '', 2000),
        ]);

        $this->assertSame('', $notebook->value('gate', 'done'));
        $this->assertNull($notebook->at('gate', 'done'));
        $this->assertSame([], $notebook->values());
        $this->assertSame(['1'], array_column($notebook->earlier('gate'), 'value'));
    }

    public function test_two_devices_come_to_the_same_whatever_arrives_first(): void
    {
        mt_srand(7);
        $notes = [];
        for ($number = 0; $number < 40; $number++) {
            $notes[] = new FieldNote(
                sprintf('%02d', $number),
                (string) mt_rand(1, 4),
                ['aperture', 'time'][mt_rand(0, 1)],
                (string) mt_rand(0, 3),
                // Several in the same millisecond.
                mt_rand(1, 12),
            );
        }
        $expected = Notebook::of($notes);
        $words = fn (Notebook $one): array => array_map(
            fn (string $entry): array => array_column($one->earlier($entry), 'id'),
            ['1', '2', '3', '4'],
        );
        for ($round = 0; $round < 20; $round++) {
            shuffle($notes);
            // Some are sent twice.
            $again = Notebook::of([...$notes, ...array_slice($notes, 0, 9)]);
            $this->assertEquals($expected->values(), $again->values());
            $this->assertSame($words($expected), $words($again));
        }
        // Nothing is lost: every value ever written stands, or can be read as an earlier one.
        foreach ($notes as $note) {
            $known = [
                $expected->value($note->entry, $note->field),
                ...array_column($expected->earlier($note->entry), 'value'),
            ];
            $this->assertContains($note->value, $known);
        }
    }
}
