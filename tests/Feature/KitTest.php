<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kits\KitInUse;
use App\Kits\StarterKit;
use App\Planning\PhoneReach;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Briefs;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedCamera;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\ExposureMode;

final class KitTest extends TestCase
{
    use RefreshDatabase;

    private const FORM = [
        'name' => 'Marlpit One',
        'format' => '36x24',
        'pixels' => '6000',
        'fastest' => '1/8000',
        'slowest' => '30',
        'isoMin' => '50',
        'isoBase' => '100',
        'isoMax' => '51200',
        'flashSync' => '1/200',
        'stabiliserStops' => '3',
        'stepsPerStop' => '3',
        'lenses' => 'Marlpit 50 mm: 50 mm 1.8 to 16 from 0.45 m',
        'supports' => ['tripod'],
        'filters' => '3 6',
        'guideNumber' => '28 m',
    ];

    public function test_a_kit_is_entered_kept_and_shown_again(): void
    {
        $student = World::make()->student;

        $this->actingAs($student)->get(route('kit.edit'))->assertOk()->assertSee('What do you photograph with?');
        $this->put(route('kit.update'), self::FORM)->assertRedirect(route('kit.edit'));
        $kit = KitInUse::of($student->fresh());
        $this->assertSame(
            ['Marlpit 50 mm', 0.005, 28.0, [3.0, 6.0]],
            [$kit?->lenses[0]->name, $kit?->body->limits->flashSync, $kit?->flash?->guideNumber, $kit?->filters],
        );
        $this->assertCount(2, $kit->supports);
        $this->get(route('kit.edit'))
            ->assertSee('Marlpit 50 mm: 50 mm 1.8 to 16 from 0.45 m')
            ->assertSee('value="1/200"', escape: false);
    }

    public function test_a_telephone_is_a_kit_by_one_tap_and_takes_nobody_s_kit_away(): void
    {
        $student = World::make()->student;
        $this->actingAs($student)->get(route('kit.edit'))->assertSeeText('A phone');
        $this->post(route('kit.start'), ['with' => 'a pinhole'])->assertSessionHasErrors('with');
        $this->post(route('kit.start'), ['with' => 'phone'])->assertRedirect(route('kit.edit'));
        $kit = KitInUse::of($student->fresh());
        $this->assertSame([BodyKind::Phone, false, 1.8], [
            $kit?->body->kind, $kit?->body->setsTime, $kit?->lenses[0]->smallest,
        ]);
        // Said to set its time, and with a flash that turns and syncs fast.
        $this->put(route('kit.update'), [
            ...self::FORM, 'kind' => 'phone', 'canBounce' => '1', 'highSpeedSync' => '1',
        ])->assertSessionHasNoErrors();
        $kit = KitInUse::of($student->fresh());
        $this->assertSame([BodyKind::Phone, true, true, true], [
            $kit?->body->kind, $kit?->body->setsTime, $kit?->flash?->canBounce, $kit?->flash?->highSpeedSync,
        ]);
        $this->post(route('kit.start'), ['with' => 'compact']);
        $this->assertSame('Marlpit One', KitInUse::of($student->fresh())?->body->name);
    }

    public function test_a_picture_says_what_took_it_and_is_not_kept(): void
    {
        $student = World::make()->student;
        $phone = new CaptureRecord(
            camera: new RecordedCamera(make: 'Marlpit', model: 'Pocket Three'),
            lens: new RecordedLens(focalLength: 6.8, focalLength35: 24),
            exposure: new RecordedExposure(fNumber: Aperture::of(1.8), mode: ExposureMode::Program),
        );
        $send = fn (string $path): TestResponse => $this->actingAs($student)->from(route('kit.edit'))->post(
            route('kit.from-picture'),
            ['picture' => new UploadedFile($path, 'one.jpg', test: true)],
        );
        $before = Storage::allFiles();
        $send(Pictures::jpeg(record: $phone))->assertSessionHas('done');
        $kit = KitInUse::of($student->fresh());
        $this->assertSame(['Pocket Three', BodyKind::Phone, false, 1.8], [
            $kit?->body->name, $kit?->body->kind, $kit?->body->setsTime, $kit?->lenses[0]->smallest,
        ]);
        $this->assertSame($before, Storage::allFiles());

        $send(Pictures::jpeg())->assertSessionHas('done');
        $this->assertSame('Marlpit One', KitInUse::of($student->fresh())?->body->name);
        $send(Pictures::jpeg(record: new CaptureRecord()))->assertSessionHas('problem');
        $send(__FILE__)->assertSessionHasErrors('picture');
        $this->assertSame('Marlpit One', KitInUse::of($student->fresh())?->body->name);
    }

    public function test_a_brief_says_how_a_phone_does_it_and_warns_where_it_cannot(): void
    {
        $world = World::make();
        $world->student->update(['kit' => StarterKit::Phone->data()]);
        $this->actingAs($world->student)->get(route('set-briefs.show', $world->setBrief))
            ->assertSeeText('With your phone.')->assertSeeText('That slider is the compensation.');
        $this->actingAs($world->instructor)->get(route('set-briefs.show', $world->setBrief))
            ->assertSeeText('With a phone')->assertDontSeeText('With your phone.');

        $reach = fn (string $id): TestResponse => $this->get(
            route('set-briefs.reach', ['course' => $world->course, 'brief' => $id]),
        );
        $reach('meter-is-fooled')->assertDontSeeText('camera app cannot do it');
        $reach('depth-in-three-steps')->assertSeeText('camera app cannot do it as asked, and one student has nothing')
            ->assertSeeText('portrait mode only paints');
        // Where nobody said how, its checks tell.
        $asks = Briefs::asking([['measure' => 'record.fNumber', 'comparison' => 'atLeast', 'limit' => 11]]);
        $this->assertStringContainsString('a phone has one aperture', (string) PhoneReach::of($asks)?->words);
        $this->assertNull(PhoneReach::of(Briefs::asking([])));
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_told_at_its_field_and_what_was_typed_is_kept(array $changes, string $says): void
    {
        $student = World::make()->student;
        $response = $this->actingAs($student)
            ->from(route('kit.edit'))
            ->put(route('kit.update'), [...self::FORM, ...$changes]);

        $response->assertRedirect(route('kit.edit'))->assertSessionHasErrors(array_keys($changes));
        $this->assertNull($student->fresh()->kit);
        $this->get(route('kit.edit'))->assertSee($says)->assertSee('value="Marlpit One"', escape: false);
    }

    /** @return list<array{array<string, string>, string}> */
    public static function nonsense(): array
    {
        return [
            [['lenses' => 'the fast one'], 'cannot be read as a lens'],
            [['lenses' => '50 mm 4 to 2'], 'wrong way round'],
            [['isoMin' => '-50'], 'greater than zero'],
            [['pixels' => 'many'], 'is no number'],
            [['fastest' => 'quick'], 'cannot be read as an exposure time'],
            [['format' => 'big'], 'big'],
            [['stabiliserStops' => '40'], '40'],
            [['filmYears' => 'old', 'filmSpeed' => '-5'], 'greater than zero'],
            [['isoMin' => 'few', 'slowest' => 'long', 'lenses' => 'the fast one'], 'cannot be read as a lens'],
            [['filters' => '3 dark'], 'is no number of stops'],
            [['filters' => '3 -6'], 'greater than zero'],
            [['autoFloor' => '-1'], 'greater than zero'],
        ];
    }

    public function test_the_kit_reaches_the_critique(): void
    {
        $world = World::make();
        $world->student->update([
            'kit' => [
                'body' => ['isoMin' => 50, 'isoBase' => 200],
                'lenses' => [['name' => 'Marlpit 50 mm', 'minFocal' => 50, 'widestAtMin' => 1.8]],
                'supports' => ['hand', 'tripod'],
            ],
        ]);
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118, record: Pictures::record(iso: 100)));
        $frame = $attempt->frames->first();

        $this->assertContains('exposure.iso-below-base', $frame->findings->pluck('rule_id')->all());
        $this->assertNotContains('kit', array_merge(...array_values($frame->unmet_needs)));
        $this->assertNotSame([], $frame->suggestions[0]->effect->fixes);
    }
}
