<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\HandIn\AddPicture;
use App\Models\Course;
use App\Models\NoticeKind;
use App\Models\User;
use App\Notices\Corrected;
use App\Notices\DueTomorrow;
use App\Notices\HandedIn;
use App\Notices\Reminders;
use App\Notices\Returned;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Notification;
use Tests\Support\Pictures;
use Tests\Support\SmtpServer;
use Tests\Support\World;
use Tests\TestCase;

final class NoticesTest extends TestCase
{
    use RefreshDatabase;

    public function test_what_is_gone_when_its_notice_comes_is_told_to_nobody_and_fails_nothing(): void
    {
        $attempt = World::make()->handedIn();
        $waiting = serialize(new Corrected($attempt));
        $this->assertTrue(unserialize($waiting)->shouldSend());
        $attempt->delete();
        $this->assertFalse(unserialize($waiting)->shouldSend());
    }

    public function test_what_happens_in_a_course_is_told_to_whom_it_concerns(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor);
        $this->post(route('set-briefs.store', $world->course), ['brief' => 'steady-hands']);
        $attempt = $world->handedIn();
        $this->post(route('desk.publish', $attempt), ['summary' => 'Good.']);
        $this->actingAs($world->student)->post(route('attempts.reply', $attempt), ['reply' => 'Thank you.']);
        $this->post(route('attempts.reply', $attempt), ['reply' => 'Thank you both.']);

        $this->assertSame(
            [['brief-set', 'returned'], ['brief-set'], ['answered'], []],
            array_map($this->told(...), [$world->student, $world->neighbour, $world->instructor, $world->critic]),
        );
        $this->get(route('notices'))
            ->assertSee('came back with its critique')
            ->assertSee('A new brief in Evening course')
            ->assertSee('2 notices not read');
        $notice = $world->student->notifications()->where('data->kind', 'returned')->firstOrFail();
        $this->actingAs($world->neighbour)->post(route('notices.open', $notice->id))->assertNotFound();
        $this->actingAs($world->student)
            ->post(route('notices.open', $notice->id))
            ->assertRedirect(route('attempts.return', $attempt, absolute: false));
        $this->assertSame(1, $world->student->unreadNotifications()->count());
        $this->post(route('notices.read'));
        $this->assertSame(0, $world->student->unreadNotifications()->count());
        $this->get(route('notices'))->assertDontSee('not read');
    }

    public function test_a_picture_that_cannot_be_read_is_told(): void
    {
        $world = World::make();
        $bytes = (string) file_get_contents(Pictures::jpeg());
        // Its head and its end are in order; most of what lies between is missing.
        $path = Pictures::file(substr($bytes, 0, 2000)."\xFF\xD9");
        app(AddPicture::class)->handle($world->setBrief, $world->student, $path, 'broken.jpg');

        $this->assertSame(['frame-refused'], $this->told($world->student));
    }

    public function test_by_mail_only_to_a_confirmed_address_and_only_what_is_wanted(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $channels = fn (): array => (new Returned($attempt))->via($world->student->refresh());
        $this->assertSame(['database'], $channels());
        $world->student->forceFill(['email_verified_at' => now()])->save();
        $this->assertSame(['database', 'mail'], $channels());
        $this->actingAs($world->student)->put(route('account.notices'), [
            'mail' => array_column(array_diff_key(NoticeKind::optional(), [3 => true]), 'value'),
        ]);
        $this->assertSame(['returned'], $world->student->refresh()->no_mail);
        $this->assertSame(['database'], $channels());
    }

    public function test_what_is_due_within_a_day_is_said_once_to_those_who_have_handed_nothing_in(): void
    {
        Notification::fake();
        $world = World::make();
        $world->setBrief->update(['due_at' => now()->addHours(25)]);
        $world->handedIn();
        $this->assertSame(0, Reminders::dueTomorrow());
        $this->travel(2)->hours();
        $this->assertSame(1, Reminders::dueTomorrow());
        $this->assertSame(0, Reminders::dueTomorrow());
        Notification::assertSentTo($world->neighbour, DueTomorrow::class);
        Notification::assertNotSentTo($world->student, DueTomorrow::class);
    }

    public function test_an_instructor_is_told_once_an_evening_what_was_handed_in(): void
    {
        Notification::fake();
        $this->travelTo('2027-03-01 10:00:00');
        $world = World::make();
        $world->course->update(['timezone' => 'Europe/Berlin']);
        $world->handedIn();
        $world->handedIn(student: $world->neighbour);
        $this->travelTo('2027-03-01 15:59:00');
        $this->assertSame(0, Reminders::handedIn(), 'an hour before the evening there');
        $this->travelTo('2027-03-01 16:01:00');
        $this->assertSame(1, Reminders::handedIn());
        Notification::assertSentTo(
            $world->instructor,
            HandedIn::class,
            fn (HandedIn $notice): bool => str_starts_with($notice->toArray()['sentence'], '2 attempts were handed in'),
        );
        $this->travelTo('2027-03-01 18:00:00');
        $this->assertSame(0, Reminders::handedIn());
        $this->travelTo('2027-03-02 17:00:00');
        $this->assertSame(0, Reminders::handedIn(), 'nothing new');
        $this->assertTrue(Course::query()->sole()->told_until->is('2027-03-02 17:00:00'));
    }

    public function test_without_a_mail_server_it_is_written_down_and_shown_to_whom_it_was_meant_for(): void
    {
        config(['mail.default' => 'letterbox', 'pupil.demo.shown' => false]);
        $world = World::make();
        foreach ([$world->student, $world->neighbour] as $person) {
            $person->forceFill(['email_verified_at' => now()])->save();
        }
        $attempt = $world->handedIn();
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt), ['summary' => 'Good.']);
        // Not even to whoever asked for it: reading it here would prove nothing of the address.
        $this->actingAs($world->outsider)->put(route('account.address'), [
            'email' => 'new@kilnyard.example',
            'address_password' => 'a-long-password',
        ]);
        $this->get(route('letterbox'))->assertSee('Nothing yet');
        $this->actingAs($world->student);
        $this->get(route('letterbox'))->assertSee('came back with its critique')->assertDontSee('Confirm your address');
        $this->actingAs($world->neighbour)->get(route('letterbox'))->assertSee('Nothing yet');
        auth()->logout();
        $this->get(route('letterbox'))->assertRedirect(route('sign-in'));

        config(['pupil.demo.shown' => true]);
        $this->get(route('letterbox'))->assertSee('Confirm your address')->assertSee('new@kilnyard.example');
        config(['mail.default' => 'smtp']);
        $this->get(route('letterbox'))->assertNotFound();
    }

    public function test_a_mail_goes_out_over_a_real_conversation(): void
    {
        $server = SmtpServer::start();
        config([
            'mail.default' => 'smtp',
            'mail.mailers.smtp.host' => '127.0.0.1',
            'mail.mailers.smtp.port' => $server->port,
        ]);
        Mail::purge('smtp');
        $world = World::make();
        $world->student->forceFill(['email_verified_at' => now()])->save();
        $attempt = $world->handedIn();
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt), ['summary' => 'Good.']);

        $letters = $server->received();
        $this->assertCount(1, $letters);
        $this->assertStringContainsString('RCPT TO:<stu-dent@kilnyard.example>', $letters[0]);
        $this->assertStringContainsString('Subject: Attempt 1 at "The meter is fooled" came back', $letters[0]);
        $this->assertStringContainsString('/attempts/'.$attempt->id.'/return', quoted_printable_decode($letters[0]));
        $this->assertStringContainsString('Content-Type: text/plain', $letters[0]);
        $this->assertSame(0, DB::table('letters')->count());
    }

    /** @return list<string> kinds of notices, in their order */
    private function told(User $user): array
    {
        return array_values(
            $user->notifications()->reorder('created_at')->get()->map(fn ($notice): string => $notice->data['kind'])
                ->sort()->all(),
        );
    }
}
