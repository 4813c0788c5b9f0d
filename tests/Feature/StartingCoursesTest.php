<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Course;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\World;
use Tests\TestCase;

/** Who may start a course, by PUPIL_START. */
final class StartingCoursesTest extends TestCase
{
    use RefreshDatabase;

    private const FORM = [
        'course' => 'A course',
        'name' => 'Tess Newell',
        'email' => 'tess@kilnyard.example',
        'password' => 'four blue kilns',
    ];

    /** @return list<array{string, string, bool}> setting, who, whether they may */
    public static function people(): array
    {
        return [
            ['open', 'visitor', true],
            ['open', 'student', true],
            ['invitation', 'visitor', false],
            ['invitation', 'student', false],
            ['invitation', 'critic', false],
            ['invitation', 'instructor', true],
            ['invitation', 'operator', true],
            ['operators', 'instructor', false],
            ['operators', 'operator', true],
            ['nonsense', 'visitor', false],
        ];
    }

    #[DataProvider('people')]
    public function test_who_may_start_one(string $setting, string $who, bool $may): void
    {
        config(['pupil.start' => $setting]);
        $world = World::make();
        if ($who === 'operator') {
            $world->student->forceFill(['is_operator' => true])->save();
            $who = 'student';
        }
        $who === 'visitor' || $this->actingAs($world->{$who});

        $this->get(route('start'))->assertStatus($may ? 200 : 403);
        $this->post(route('start'), self::FORM)->assertStatus($may ? 302 : 403);
        $this->assertSame($may ? 2 : 1, Course::query()->count());
    }

    public function test_an_invitation_starts_one_course_and_one_alone(): void
    {
        config(['pupil.start' => 'invitation']);
        Artisan::call('pupil:invite', ['--days' => '3']);
        $url = trim(Artisan::output());
        $this->get($url)->assertOk()->assertSee($url);
        $this->get(str_replace('invitation=', 'invitation=1', $url))->assertForbidden();

        $this->post($url, self::FORM)->assertSessionHasNoErrors()->assertRedirect();
        auth()->logout();
        $this->flushSession();
        $this->get($url)->assertForbidden()->assertSee('By invitation');
        $this->post($url, ['email' => 'b@kilnyard.example'] + self::FORM)->assertForbidden();

        Artisan::call('pupil:invite', ['--days' => '3']);
        $late = trim(Artisan::output());
        $this->travel(73)->hours();
        $this->get($late)->assertForbidden();
        $this->assertSame(1, Course::query()->count());
        $this->assertSame(1, Artisan::call('pupil:invite', ['--days' => '0']));
    }

    public function test_a_stranger_reads_what_this_is_and_finds_both_doors(): void
    {
        $this->get('/')->assertOk()->assertSeeInOrder(['I teach', 'I was given a code', 'Join']);
        config(['pupil.start' => 'invitation']);
        $this->get('/')->assertOk()->assertDontSee('I teach')->assertSee('I was given a code');
    }

    public function test_an_empty_course_names_three_steps_and_keeps_the_date_of_its_first_meeting(): void
    {
        config(['pupil.start' => 'open']);
        $this->post(route('start'), [
            'name' => 'Ada Fern', 'email' => 'ada@kilnyard.example', 'password' => 'a-long-password',
            'course' => 'Light', 'template' => '', 'first' => '2027-01-12T19:00',
        ])->assertSessionHasNoErrors();
        $course = Course::query()->where('name', 'Light')->sole();
        $this->assertSame('2027-01-12 19:00', $course->meetings()->sole()->starts_at?->format('Y-m-d H:i'));
        $this->get(route('courses.show', $course))
            ->assertSeeInOrder(['Three steps', 'Show the invitation', 'Set the first brief', 'You meet', '19:00']);
        $world = World::make();
        $this->actingAs($world->instructor)
            ->get(route('courses.show', $world->course))
            ->assertDontSee('Three steps');
    }
}
