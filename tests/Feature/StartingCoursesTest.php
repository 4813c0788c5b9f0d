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
}
