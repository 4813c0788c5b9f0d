<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\ListedPerson;
use App\Accounts\PeopleList;
use App\Models\User;
use App\Notices\InvitationLetter;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Notification;
use Tests\Support\World;
use Tests\TestCase;

/** Many people into a course at once. */
final class PeopleListTest extends TestCase
{
    use RefreshDatabase;

    public function test_lines_are_read_as_people_write_them_and_each_says_what_will_happen(): void
    {
        $world = World::make();
        $told = fn (string $text): array => array_map(
            fn (ListedPerson $one): array => [$one->name, $one->address, $one->problem],
            PeopleList::read($text, $world->course),
        );
        $ada = ['Ada Fern', 'ada@kilnyard.example', null];
        foreach ([
            'Ada Fern, ada@kilnyard.example',
            'Ada Fern <Ada@kilnyard.example>',
            "Name;E-mail\nAda Fern;ada@kilnyard.example",
            "first,last,e-mail\nAda,Fern,ada@kilnyard.example\n",
            'ada@kilnyard.example, Ada Fern',
        ] as $text) {
            $this->assertSame([$ada], $told($text), $text);
        }
        $this->assertSame(
            [
                $ada,
                ['Ada Again', 'ada@kilnyard.example', 'Stands in the list twice.'],
                ['Stu Dent', 'stu-dent@kilnyard.example', 'Is in the course already.'],
                ['', 'who@kilnyard.example', 'There is no name.'],
                ['No Where', 'nowhere@', 'There is no address that mail can go to.'],
            ],
            $told("Ada Fern, ada@kilnyard.example\nAda Again, ada@kilnyard.example\n".
                "Stu Dent, stu-dent@kilnyard.example\nwho@kilnyard.example\nNo Where, nowhere@"),
        );
        $this->assertSame([], $told("\n\n"));
        // A first line without an address is a person all the same, unless it is a heading; nobody is left out unsaid.
        $this->assertSame('There is no address that mail can go to.', $told('No Where, nowhere')[0][2]);
        $many = $told(implode("\n", array_map(fn (int $at): string => "A Name, a$at@kilnyard.example", range(1, 301))));
        $this->assertSame([null, 'A list takes 300 people; put it into another.'], [$many[299][2], $many[300][2]]);
    }

    public function test_nothing_happens_before_it_was_said_and_then_once(): void
    {
        Notification::fake();
        $world = World::make();
        $text = "Ada Fern, ada@kilnyard.example\nOut Sider, out-sider@kilnyard.example";
        $url = route('courses.people', $world->course);
        $before = User::query()->count();
        $this->actingAs($world->instructor)
            ->post($url, ['file' => UploadedFile::fake()->createWithContent('people.csv', $text)])
            ->assertOk()
            ->assertSee('2 people will be invited');
        $this->assertSame($before, User::query()->count());
        Notification::assertNothingSent();
        $this->post($url, ['people' => $text, 'sure' => '1'])->assertSessionHas('done', '2 people are invited.');
        Notification::assertSentOnDemandTimes(InvitationLetter::class, 2);
        // Whether an address has an account elsewhere shows nowhere: both are invited in the same way.
        $this->assertSame(2, User::query()->whereNull('email')->whereNotNull('invited_email')->count());
        $this->post($url, ['people' => $text, 'sure' => '1'])->assertSessionHas('problem');
        $this->assertSame($before + 2, User::query()->count());
        $this->post($url, ['people' => ''])->assertSessionHasErrors('people');
    }
}
