<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Wording\Glossary;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\World;
use Tests\TestCase;

/** The words of the trade, explained where they are met first. */
final class GlossaryTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_word_is_marked_where_it_stands_first_and_whole_and_nothing_else_is_changed(): void
    {
        $glossary = new Glossary();
        $link = '<a class="term" href="/words#stop" data-term="stop">stops</a>';
        $this->assertSame("Two $link more, & two stops less", html_entity_decode(
            (string) $glossary->mark('Two stops more, & two stops less'),
        ));
        // Once a page: the next text has it plain.
        $this->assertSame('a stop', (string) $glossary->mark('a stop'));
        // The longer word, not the one within it; and no part of a word.
        $this->assertStringContainsString(
            'data-term="compensation">Exposure compensation</a>',
            (string) $glossary->mark('Exposure compensation stands at 0'),
        );
        $this->assertSame('unstoppable', (string) (new Glossary())->mark('unstoppable'));
        $this->assertSame('&lt;b&gt;bold&lt;/b&gt;', (string) (new Glossary())->mark('<b>bold</b>'));
    }

    public function test_every_word_is_said_in_a_sentence_or_two_and_has_its_page(): void
    {
        $forms = [];
        foreach (Glossary::all() as $term) {
            $this->assertMatchesRegularExpression('/^[A-Z].+\.$/su', $term->says, $term->id);
            $this->assertLessThanOrEqual(3, preg_match_all('/[.!?](\s|$)/u', $term->says), $term->id);
            $this->get(route('words.show', $term->id))->assertOk()->assertSee($term->term);
            $forms = [...$forms, ...array_map(mb_strtolower(...), [$term->term, ...$term->also])];
        }
        $this->assertSame($forms, array_unique($forms), 'a form belongs to one word');
        $this->get(route('words'))->assertOk()->assertSee('Words of the trade')->assertSee('id="mid-grey"', false);
        $this->get(route('words.show', 'nonsense'))->assertNotFound();
    }

    public function test_a_brief_and_a_student_s_result_explain_their_words(): void
    {
        $world = World::make();
        $this->actingAs($world->student)
            ->get(route('set-briefs.show', $world->setBrief))
            ->assertOk()
            ->assertMarkup('data-term="meter"')
            ->assertMarkup('data-term="mid-grey"');
    }
}
