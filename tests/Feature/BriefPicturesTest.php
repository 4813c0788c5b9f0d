<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AttemptState;
use App\Models\BriefPicture;
use App\Models\SetBrief;
use App\Retention\Cleaning;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;

/** Examples that an instructor puts beside a brief: from a file, or a frame whose student lets it be shown. */
final class BriefPicturesTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_picture_of_one_s_own_goes_with_the_brief_and_is_seen_by_its_students(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor);
        $this->example($world, ['example' => World::upload(Pictures::jpeg())])
            ->assertOk()
            ->assertSee('This meets it')
            ->assertSee('ƒ/5.6');
        $picture = BriefPicture::query()->sole();
        $this->assertNull($picture->brief_id);
        $shown = $this->get(route('brief-pictures.show', $picture));
        $shown->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        [$width, $height] = getimagesizefromstring((string) $shown->getContent()) ?: [0, 0];
        $this->assertLessThanOrEqual(960, max($width, $height));
        $this->assertStringNotContainsString('Exif', (string) $shown->getContent());

        $this->setBrief($world, [$picture->id]);
        $this->assertSame('a-tidy-table', $picture->refresh()->brief_id);
        $set = SetBrief::query()->where('brief_id', 'a-tidy-table')->sole();
        $this->actingAs($world->student)
            ->get(route('set-briefs.show', $set))
            ->assertSee(route('brief-pictures.show', $picture));
        $this->get(route('brief-pictures.show', $picture))->assertOk();
        $this->actingAs($world->outsider)->get(route('brief-pictures.show', $picture))->assertForbidden();
        $set->update(['is_hidden' => true]);
        $this->actingAs($world->neighbour)->get(route('brief-pictures.show', $picture))->assertForbidden();
    }

    public function test_a_student_s_frame_is_shown_while_its_student_lets_it_be(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $attempt->update(['state' => AttemptState::Returned, 'may_show' => true]);
        $frame = $attempt->frames->firstOrFail();
        $this->actingAs($world->instructor);
        $this->get(route('composer', $world->course))->assertSee('a frame that may be shown to the class');
        $this->example($world, ['example_frame' => $frame->id, 'example_meets' => 0])->assertOk();
        $picture = BriefPicture::query()->sole();
        $this->setBrief($world, [$picture->id]);
        $set = SetBrief::query()->where('brief_id', 'a-tidy-table')->sole();
        $page = $this->actingAs($world->neighbour)->get(route('set-briefs.show', $set));
        $page->assertSee('This does not')->assertDontSee($world->student->name);
        $this->get(route('brief-pictures.show', $picture))->assertOk();

        $attempt->update(['may_show' => false]);
        $this->get(route('brief-pictures.show', $picture))->assertForbidden();
        $this->get(route('set-briefs.show', $set))->assertDontSee('This does not');
        $this->actingAs($world->instructor)->get(route('brief-pictures.show', $picture))->assertForbidden();
        $this->from('/')->example($world, ['example_frame' => $frame->id])->assertSessionHasErrors('example_frame');
        $frame->delete();
        $this->assertSame(0, BriefPicture::query()->count());
    }

    public function test_what_is_no_picture_is_refused_and_what_was_never_saved_goes(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor);
        $text = tempnam(sys_get_temp_dir(), 'no');
        file_put_contents((string) $text, 'no picture');
        $this->example($world, ['example' => World::upload((string) $text)])->assertSessionHasErrors('example');
        $this->example($world, [])->assertSessionHasErrors('example');
        $this->example($world, ['example' => World::upload(Pictures::jpeg())])->assertOk();
        $picture = BriefPicture::query()->sole();
        $this->actingAs($world->critic)
            ->delete(route('brief-pictures.destroy', [$world->course, $picture]))
            ->assertForbidden();
        $this->travel(25)->hours();
        app(Cleaning::class)->run();
        $this->assertSame(0, BriefPicture::query()->count());
    }

    /** @param  array<string, mixed>  $fields */
    private function example(World $world, array $fields): TestResponse
    {
        return $this->post(route('brief-pictures.store', $world->course), ['example_meets' => 1, ...$fields]);
    }

    /** @param  list<int>  $pictures */
    private function setBrief(World $world, array $pictures): void
    {
        $this->post(route('composer.store', $world->course), [
            'title' => 'A tidy table', 'number' => '21', 'frames' => '1', 'purpose' => 'Keep the clutter out.',
            'cautions' => 'Ask before you photograph people.', 'task' => 'Clear the table.', 'pictures' => $pictures,
            'kit' => ['no-flash'],
        ])->assertSessionHas('done');
        $this->post(route('set-briefs.store', $world->course), ['brief' => 'a-tidy-table'])->assertRedirect();
    }
}
