<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\HandIn\AddPicture;
use App\Models\Frame;
use App\Models\SavedPlan;
use App\Planning\PlanInput;
use App\Planning\PlanQuestions;
use App\Planning\PlanSheet;
use App\Planning\SavedPlanReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;

/**
 * The plan sheet: light known in four ways, settings that fit, kept, taken, carried to the frame and held against it.
 */
final class PlanTest extends TestCase
{
    use RefreshDatabase;

    private const KIT = [
        'body' => [
            'name' => 'Marlpit One',
            'format' => '36x24',
            'pixels' => [6000, 4000],
            'isoMin' => 100,
            'isoBase' => 100,
            'isoMax' => 25600,
            'fastest' => 0.000125,
            'slowest' => 30,
        ],
        'lenses' => [
            [
                'name' => 'Marlpit 50 mm',
                'minFocal' => 50,
                'maxFocal' => 50,
                'widestAtMin' => 1.8,
                'widestAtMax' => 1.8,
                'smallest' => 22,
                'closestFocus' => 0.45,
            ],
        ],
        'supports' => ['hand', 'tripod'],
        'filters' => [3, 6, 10],
    ];

    /** @param  array<string, string>  $input */
    #[DataProvider('lights')]
    public function test_the_light_is_known_in_four_ways(array $input, float $ev100): void
    {
        $world = World::make();
        $sheet = $this->sheet($world, $input);

        $this->assertSame([], $sheet->problems);
        $this->assertEqualsWithDelta($ev100, $sheet->light?->value, 0.05);
        $this->assertNotEmpty($sheet->advice?->suggestions);
    }

    public static function lights(): iterable
    {
        yield 'a condition' => [['way' => 'condition', 'condition' => 'workshop'], 7.644];
        // ƒ/4 and 1/60 s (exactly 1/64) are EV 10; ISO 400 takes two.
        yield 'a reading in settings' => [
            ['way' => 'spot', 'spotN' => '4', 'spotT' => '1/60', 'spotIso' => '400'],
            8.0,
        ];
        yield 'a reading in EV' => [['way' => 'spot', 'spotEv' => '9'], 9.0];
        // A frame at these settings came out a stop too bright: there was a stop more light.
        yield 'an earlier frame' => [
            [
                'way' => 'earlier',
                'earlierN' => '8',
                'earlierT' => '1/250',
                'earlierIso' => '100',
                'earlierStops' => '+1',
            ],
            log(64 * 256, 2) + 1,
        ];
        yield 'date and place, at night without a moon' => [
            [
                'way' => 'sky',
                'lat' => '50',
                'lon' => '10',
                'date' => '2026-11-09',
                'time' => '01:00',
                'weather' => 'clear',
            ],
            -12.02,
        ];
    }

    public function test_an_earlier_frame_s_own_subject_tells_the_light(): void
    {
        $world = World::make();
        $frame = $world->prepared(Pictures::jpeg(patch: 176));
        $sheet = $this->sheet($world, ['way' => 'earlier', 'earlier' => (string) $frame->id]);

        // ƒ/5.6, 1/100 s and ISO 100 lie 11⅔ on the scale; the patch of grey 176 fell 1.27 stops above mid-grey.
        $this->assertEqualsWithDelta(
            11 + 2 / 3 + log(((176 / 255 + 0.055) / 1.055) ** 2.4 / 0.18, 2),
            $sheet->light?->value,
            0.05,
        );
        // Nobody else's frame can be chosen by guessing its number.
        $this->actingAs($world->neighbour);
        $this->assertNull(
            $this->sheet($world, ['way' => 'earlier', 'earlier' => (string) $frame->id], $world->neighbour)->light,
        );
    }

    public function test_a_brighter_place_for_the_subject_wants_that_much_more_light(): void
    {
        $world = World::make();
        $world->student->update(['kit' => self::KIT]);
        $exposure = fn (array $input): float => $this->sheet($world, [
            'way' => 'spot',
            'spotEv' => '10',
            'support' => 'hand',
            ...$input,
        ])->advice->suggestions[0]->exposure->settings->ev100()->value;

        $this->assertEqualsWithDelta(10.0, $exposure([]), 1 / 6);
        $this->assertEqualsWithDelta(10.0 - 4 / 3, $exposure(['placement' => 'white']), 1 / 6);
        $this->assertEqualsWithDelta(10.0 + 2, $exposure(['placement' => 'black']), 1 / 6);
    }

    public function test_where_the_light_itself_is_known_every_tone_falls_into_its_own_place(): void
    {
        $world = World::make();
        $world->student->update(['kit' => self::KIT]);
        $exposure = fn (array $input): string => (string) $this->sheet($world, [
            'way' => 'condition',
            'condition' => 'sun',
            'support' => 'hand',
            ...$input,
        ])->advice->suggestions[0]->exposure->settings;

        $this->assertSame($exposure([]), $exposure(['placement' => 'white']));
        $this->assertSame($exposure([]), $exposure(['placement' => 'black']));
    }

    public function test_negative_film_is_exposed_for_its_shadows(): void
    {
        $world = World::make();
        $film = ['name' => 'a film', 'boxSpeed' => 400, 'kind' => 'black-and-white', 'exposureIndex' => 200];
        $world->student->update(['kit' => [...self::KIT, 'film' => $film]]);
        $input = ['way' => 'shadow', 'shadowN' => '4', 'shadowT' => '1/60', 'shadowIso' => '100', 'support' => 'hand'];
        $sheet = $this->sheet($world, $input);
        $settings = $sheet->advice->suggestions[0]->exposure->settings;

        // ƒ/4 and 1/60 s at ISO 100 are EV 10; what was read there is placed two stops below mid-grey.
        $this->assertSame('ISO 200', (string) $settings->iso);
        $this->assertEqualsWithDelta(10.0 + 2.0, $settings->ev100()->value, 1 / 6);
        $this->assertEqualsWithDelta(10.0, SavedPlanReader::read($sheet->plan)->readings->shadow?->value, 0.1);
        $this->actingAs($world->student)
            ->get(route('plans.edit', $world->setBrief))
            ->assertSee('From the shadows, for film')
            ->assertSee('name="shadowN"', escape: false);
        $world->student->update(['kit' => self::KIT]);
        SavedPlan::query()->delete();
        $this->get(route('plans.edit', $world->setBrief))->assertDontSee('From the shadows');
    }

    public function test_two_spot_readings_tell_whether_one_frame_holds_the_scene(): void
    {
        $world = World::make();
        $world->student->update(['kit' => self::KIT]);
        $this->actingAs($world->student);
        $input = ['way' => 'spot', 'spotEv' => '11', 'darkEv' => '-1', 'brightN' => '16', 'brightT' => '1/125',
            'brightIso' => '100'];
        $this->put(route('plans.update', $world->setBrief), $input);
        foreach (['plans.edit', 'plans.print'] as $page) {
            $this->get(route($page, $world->setBrief))
                ->assertSee('From the dark place to the bright one: 16 stops.')
                ->assertSee('same aperture, same ISO, only the time changes');
        }
        // One reading is not a range yet; the wrong way round is said, and nothing typed is lost.
        $this->put(route('plans.update', $world->setBrief), [...$input, 'darkEv' => '']);
        $this->get(route('plans.edit', $world->setBrief))->assertDontSee('From the dark place');
        $this->put(route('plans.update', $world->setBrief), [...$input, 'darkEv' => '16']);
        $this->get(route('plans.edit', $world->setBrief))
            ->assertSee('The bright place reads more than the dark one')
            ->assertSee('value="16"', false);
    }

    public function test_silk_in_the_sun_wants_a_filter_and_the_sum_is_said(): void
    {
        $world = World::make();
        $world->student->update(['kit' => self::KIT]);
        $this->actingAs($world->student)
            ->put(route('plans.update', $world->setBrief), [
                'way' => 'condition',
                'condition' => 'sun',
                'want' => 'silk',
                'support' => 'tripod',
                'subject' => '4',
            ])
            ->assertRedirect();

        $this->get(route('plans.edit', $world->setBrief))
            ->assertOk()
            ->assertSee('without a filter;')
            ->assertSee('factor')
            ->assertSee('Exposure map');
    }

    public function test_what_cannot_be_used_is_named_and_everything_typed_is_kept(): void
    {
        $world = World::make();
        $this->actingAs($world->student);
        $answer = $this->put(
            route('plans.update', $world->setBrief),
            [
                'way' => 'spot',
                'spotN' => 'wide',
                'spotT' => '1/60',
                'spotIso' => '400',
                'near' => '5',
                'far' => '2',
                'about' => 'The long table.',
            ],
            ['HX-Request' => 'true'],
        );

        $answer->assertOk()->assertSee('aperture')->assertSee('What you typed is kept.');
        $plan = SavedPlan::query()->sole();
        $this->assertSame('wide', $plan->input['spotN']);
        $this->get(route('plans.edit', $world->setBrief))->assertSee('The long table.')->assertMarkup('value="wide"');
        // Somebody without a kit is not stopped.
        $this->assertTrue(PlanSheet::of($plan)->isPlainKit);
    }

    public function test_a_time_that_can_be_read_both_ways_is_asked_about(): void
    {
        $world = World::make();
        $this->actingAs($world->student);
        $put = fn (string $time) => $this->put(
            route('plans.update', $world->setBrief),
            ['way' => 'spot', 'spotN' => '4', 'spotT' => $time, 'spotIso' => '400'],
            ['HX-Request' => 'true'],
        )->assertOk();
        foreach (['4', '60'] as $both) {
            $put($both)->assertSee("Write 1/$both, or $both s.");
            $this->assertSame($both, SavedPlan::query()->sole()->input['spotT']);
        }
        foreach (['3', '60 s', '1/60', '0.5'] as $plain) {
            $put($plain)->assertDontSee('Is '.(int) $plain.' a fraction');
        }
    }

    public function test_three_answers_make_a_plan_that_both_forms_show(): void
    {
        $world = World::make();
        $answer = fn (array $given) => $this->actingAs($world->student)
            ->withHeader('HX-Request', 'true')
            ->post(route('plans.answer', $world->setBrief), $given)
            ->assertOk();
        $answer(['light' => 'overcast', 'movement' => 'nonsense', 'depth' => ['x']]);
        $plan = SavedPlan::query()->sole();
        $this->assertSame(['way' => 'condition', 'condition' => 'overcast'], $plan->input);
        $answer(['light' => 'overcast', 'movement' => 'walking', 'depth' => 'place'])
            ->assertSee('Settings that fit')
            ->assertSee('hx-swap-oob="true"', false)
            ->assertSee('value="∞"', false);
        $input = $plan->refresh()->input;
        $this->assertSame(['acceptable', '5', '∞', 'view'], [
            $input['want'], $input['subject'], $input['far'], $input['is'],
        ]);
        $this->assertArrayNotHasKey('speed', $input, 'no speed that nobody typed');

        // Another answer takes back all that the first one said, and nothing that was typed beside it.
        $plan->update(['input' => [...$input, 'about' => 'The yard.', 'support' => 'tripod']]);
        $answer(['movement' => 'still', 'depth' => 'face']);
        $input = $plan->refresh()->input;
        $this->assertArrayNotHasKey('want', $input);
        $this->assertArrayNotHasKey('speed', $input);
        $this->assertSame(['person', 'bust', 'both-eyes', 'The yard.', 'tripod', 'overcast'], [
            $input['is'], $input['framing'], $input['kept'], $input['about'], $input['support'], $input['condition'],
        ]);
        $this->assertArrayNotHasKey('far', $input);
        $questions = PlanQuestions::of(PlanInput::of($input, 'UTC'));
        $this->assertSame(
            ['overcast', 'person', 'still', 'face'],
            array_values(array_column($questions->all(), 'chosen')),
        );
        // The slider wishes for less or more of it, and a kind is one tap.
        $answer(['kept' => '3']);
        $this->assertSame('everything', $plan->refresh()->input['kept']);
        // A form sends every answer that stands: one that stood before takes nothing back from the slider.
        $answer(['light' => 'overcast', 'movement' => 'still', 'depth' => 'face']);
        $this->assertSame('everything', $plan->refresh()->input['kept']);
        $this->assertSame('face', PlanQuestions::of(PlanInput::of($plan->input, 'UTC'))->all()['depth']['chosen']);
        $answer(['kept' => '1', 'kind' => 'child']);
        $this->assertSame(['both-eyes', 'child'], [$plan->refresh()->input['kept'], $plan->input['is']]);
        $plan->update(['input' => $input]);
        // What no answer says opens the other form; without it the three questions are enough.
        $this->actingAs($world->student);
        $page = fn (): string => (string) $this->get(route('plans.edit', $world->setBrief))->assertOk()->getContent();
        $this->assertMatchesRegularExpression('/class="plan-everything"\s+open/', $page());
        $plan->update(['input' => array_diff_key($input, ['support' => 1])]);
        $this->assertDoesNotMatchRegularExpression('/class="plan-everything"\s+open/', $page());
        $plan->update(['input' => [...$input, 'near' => '1.3']]);
        $this->assertNull(PlanQuestions::of(PlanInput::of($plan->refresh()->input, 'UTC'))->all()['depth']['chosen']);
    }

    public function test_light_is_said_by_where_the_camera_points_and_two_hours_are_compared(): void
    {
        $world = World::make();
        $world->course->update(['timezone' => 'Europe/Berlin']);
        $said = fn (array $input) => $this->actingAs($world->student)
            ->withHeader('HX-Request', 'true')
            ->put(route('plans.update', $world->setBrief), [
                'way' => 'sky', 'lat' => '48.14', 'lon' => '11.58',
                'date' => '2026-06-21', 'time' => '07:00', ...$input,
            ])
            ->assertOk();
        $said([])->assertDontSee('back light')->assertDontSee('Two hours of the day');
        $said(['bearing' => 'east'])->assertSee('back light: from behind the subject')->assertSee('Front light');
        $said(['bearing' => 'east', 'otherTime' => '19:30'])
            ->assertSee('Two hours of the day')
            ->assertSeeInOrder(['07:00', '19:30', 'back light: from behind the subject', 'front light: from behind']);
        $said(['bearing' => 'south', 'otherTime' => '19:30'])
            ->assertSeeInOrder(['side light from the left', 'side light from the right']);
        $said(['bearing' => 'upwards'])->assertSee('A bearing is 0° to 360°')->assertSee('What you typed is kept.');
        $said(['otherTime' => '19:30'])->assertSee('needs to know where the camera points');
    }

    public function test_what_is_missing_before_the_light_is_known_is_named(): void
    {
        $world = World::make();
        $said = fn (array $input) => $this->actingAs($world->student)
            ->withHeader('HX-Request', 'true')
            ->put(route('plans.update', $world->setBrief), $input);
        $said(['way' => 'sky', 'lat' => '50'])->assertSee('Still missing: the longitude, the date.');
        $said(['way' => 'spot', 'spotN' => '8'])->assertSee('Still missing: the time, the ISO.');
        $said(['way' => 'condition'])->assertDontSee('Still missing');
    }

    public function test_settings_are_taken_carried_to_the_frame_and_held_against_it(): void
    {
        $world = World::make();
        $world->student->update(['kit' => self::KIT]);
        $this->actingAs($world->student);
        $this->put(route('plans.update', $world->setBrief), [
            'way' => 'spot',
            'spotEv' => '11.6',
            'placement' => 'white',
            'subject' => '2',
            'support' => 'hand',
            'about' => 'A pot on a shelf.',
            'reason' => 'White on white.',
            'want' => '',
        ]);
        $this->post(route('plans.choose', $world->setBrief), ['suggestion' => '0'])->assertRedirect();
        $chosen = SavedPlan::query()->sole()->chosen;
        $this->get(route('plans.print', $world->setBrief))
            ->assertOk()
            ->assertSee((string) $chosen->exposure->settings)
            ->assertSee('Take care');
        $this->get(route('set-briefs.show', $world->setBrief))->assertSee('Your plan: '.$chosen->exposure->settings);
        // In another light it is not offered any more; it stays the plan, and one goes on with it.
        $this->withHeader('HX-Request', 'true')
            ->put(route('plans.update', $world->setBrief), [...SavedPlan::query()->sole()->input, 'spotEv' => '3'])
            ->assertOk()
            ->assertSee('no longer offers it')
            ->assertSee('Hand in for attempt');
        $this->withHeader('HX-Request', 'true')
            ->put(route('plans.update', $world->setBrief), [...SavedPlan::query()->sole()->input, 'spotEv' => '11.6'])
            ->assertSee('Taken. Your frames');
        $this->flushHeaders();

        $frame = app(AddPicture::class)
            ->handle(
                $world->setBrief,
                $world->student,
                Pictures::jpeg(record: Pictures::record(5.6, 1 / 1000, 100)),
                'pot.jpg',
            )
            ->frame->refresh();
        $this->assertSame(
            ['A pot on a shelf.', 'White on white.', 'white', 2.0],
            [$frame->about, $frame->reason, $frame->placement_id, $frame->intent->distances->subject],
        );
        $this->put(route('frames.update', $frame), World::form())->assertSessionHasNoErrors();
        $this->get(route('frames.edit', $frame))->assertSee('Planned and taken')->assertSee('less light');
        $this->assertContains('plan.not-followed', Frame::query()->sole()->findings->pluck('rule_id')->all());
    }

    public function test_what_was_planned_before_the_hand_in_no_longer_changes(): void
    {
        $world = World::make();
        $this->actingAs($world->student)->put(route('plans.update', $world->setBrief), ['about' => 'As I meant it.']);
        $world->handedIn();
        $this->put(route('plans.update', $world->setBrief), ['about' => 'As it came out.']);

        $this->assertSame(
            [1 => 'As I meant it.', 2 => 'As it came out.'],
            SavedPlan::query()
                ->orderBy('number')
                ->get()
                ->mapWithKeys(fn (SavedPlan $plan): array => [$plan->number => $plan->input['about']])
                ->all(),
        );
    }

    public function test_a_plan_is_its_student_s_and_belongs_to_one_attempt(): void
    {
        $world = World::make();
        foreach (['instructor', 'critic', 'outsider'] as $person) {
            $this->actingAs($world->$person)->get(route('plans.edit', $world->setBrief))->assertForbidden();
            $this->actingAs($world->$person)
                ->put(route('plans.update', $world->setBrief), ['about' => 'x'])
                ->assertForbidden();
            $this->actingAs($world->$person)->post(route('plans.choose', $world->setBrief))->assertForbidden();
            $this->actingAs($world->$person)->get(route('plans.print', $world->setBrief))->assertForbidden();
        }
        $this->actingAs($world->student)->put(route('plans.update', $world->setBrief), ['about' => 'Mine.']);
        $this->actingAs($world->neighbour)
            ->get(route('plans.edit', $world->setBrief))
            ->assertOk()
            ->assertDontSee('Mine.');
        $this->assertSame(1, SavedPlan::query()->count());
    }

    /** @param  array<string, string>  $input */
    private function sheet(World $world, array $input, ?\App\Models\User $student = null): PlanSheet
    {
        $plan = SavedPlan::forNext($world->setBrief, $student ?? $world->student);
        $plan->input = $input;

        return PlanSheet::of($plan);
    }
}
