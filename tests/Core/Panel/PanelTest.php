<?php

declare(strict_types=1);

namespace Tests\Core\Panel;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Panel\Panel;
use TruePupil\Core\Panel\PanelGroup;
use TruePupil\Core\Panel\PanelNote;

final class PanelTest extends TestCase
{
    public function test_the_same_topic_in_the_same_place_is_said_once(): void
    {
        $groups = Panel::merge([
            new PanelNote(1, 'tobin', 'Tobin', false, 'composition', Region::of(0.1, 0.1, 0.3, 0.3)),
            new PanelNote(2, 'elka', 'Elka', false, 'composition', Region::of(0.15, 0.12, 0.3, 0.3)),
            new PanelNote(3, 'maren', 'Maren', false, 'tone'),
        ]);

        $this->assertSame(
            [[1, 2], [3]],
            array_map(
                fn (PanelGroup $group): array => array_column($group->notes, 'id'),
                $groups,
            ),
        );
        $this->assertTrue($groups[0]->agrees());
        $this->assertSame(['Tobin', 'Elka'], $groups[0]->authors());
        $this->assertFalse($groups[1]->agrees());
    }

    public function test_another_place_another_topic_or_none_stands_alone(): void
    {
        $here = Region::of(0.0, 0.0, 0.2, 0.2);
        $this->assertCount(
            2,
            Panel::merge([
                new PanelNote(1, 'a', 'A', false, 'tone', $here),
                new PanelNote(2, 'b', 'B', false, 'tone', Region::of(0.7, 0.7, 0.2, 0.2)),
            ]),
        );
        $this->assertCount(
            2,
            Panel::merge([new PanelNote(1, 'a', 'A', false, 'tone', $here),
                new PanelNote(2, 'b', 'B', false, 'depth', $here)]),
        );
        $this->assertCount(2, Panel::merge([new PanelNote(1, 'a', 'A', false), new PanelNote(2, 'b', 'B', false)]));
        $this->assertCount(
            2,
            Panel::merge([new PanelNote(1, 'a', 'A', false, 'tone', $here), new PanelNote(2, 'b', 'B', false, 'tone')]),
        );
        // Half of each covered is a third of what both cover: just the same place.
        $this->assertCount(
            1,
            Panel::merge([
                new PanelNote(1, 'a', 'A', false, 'tone', Region::of(0.0, 0.0, 0.4, 0.2)),
                new PanelNote(2, 'b', 'B', false, 'tone', Region::of(0.2, 0.0, 0.4, 0.2)),
            ]),
        );
        $this->assertSame([], Panel::merge([]));
    }

    public function test_disagreement_is_kept_as_what_it_is(): void
    {
        $group = Panel::merge([new PanelNote(1, 'tobin', 'Tobin', true, 'tone'),
            new PanelNote(2, 'elka', 'Elka', false, 'tone')])[0];
        $this->assertTrue($group->disagrees());
        $this->assertFalse($group->agrees());
        // One person who keeps a part and would change another does not disagree with anybody.
        $this->assertFalse(
            Panel::merge([
                new PanelNote(1, 'tobin', 'Tobin', true, 'tone'),
                new PanelNote(2, 'tobin', 'Tobin', false, 'tone'),
            ])[0]->disagrees(),
        );
    }

    public function test_a_group_agrees_only_if_all_of_it_says_the_same(): void
    {
        $three = Panel::merge([
            new PanelNote(1, 'a', 'Tobin', false, 'tone'),
            new PanelNote(2, 'b', 'Elka', false, 'tone'),
            new PanelNote(3, 'b', 'Elka', true, 'tone'),
        ])[0];

        $this->assertFalse($three->agrees());
        $this->assertFalse($three->disagrees(), 'Tobin is contradicted by nobody else');
        $this->assertSame(['Elka'], $three->undecided());
    }

    public function test_two_people_of_one_name_are_two(): void
    {
        $group = Panel::merge([
            new PanelNote(1, 7, 'Kim', false, 'tone'),
            new PanelNote(2, 8, 'Kim', false, 'tone'),
        ])[0];

        $this->assertSame(['Kim', 'Kim'], $group->authors());
        $this->assertTrue($group->agrees());
    }

    public function test_the_order_of_remarks_does_not_matter(): void
    {
        // The one in the middle meets both others, which do not meet each other.
        $notes = [
            new PanelNote(1, 'a', 'A', false, 'tone', Region::of(0.0, 0.0, 0.4, 0.2)),
            new PanelNote(2, 'b', 'B', false, 'tone', Region::of(0.2, 0.0, 0.4, 0.2)),
            new PanelNote(3, 'c', 'C', false, 'tone', Region::of(0.4, 0.0, 0.4, 0.2)),
        ];
        foreach ([[0, 1, 2], [0, 2, 1], [2, 0, 1], [1, 0, 2]] as $order) {
            $groups = Panel::merge(array_map(fn (int $at): PanelNote => $notes[$at], $order));
            $this->assertCount(1, $groups);
            $this->assertCount(3, $groups[0]->notes);
        }
    }
}
