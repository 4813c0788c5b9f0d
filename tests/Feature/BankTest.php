<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kits\KitInUse;
use App\Models\SettingsBank;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Bank\BankKind;

/**
 * Settings banks and the first-settings list: begun from a kind of subject, clamped by one's own lenses, printed, one's
 * own.
 */
final class BankTest extends TestCase
{
    use RefreshDatabase;

    private const FORM = [
        'name' => 'Birds at the feeder',
        'slot' => 'slot 1',
        'kind' => 'small-fast-animals',
        'mode' => 'manual-auto-iso',
        'fNumber' => 'f/2',
        'exposureTime' => '1/2000',
        'iso' => '',
        'focus' => 'continuous',
        'drive' => 'continuous',
        'metering' => 'scene',
        'whiteBalance' => 'automatic',
        'detection' => 'animals',
        'stabiliser' => 'on',
    ];

    private const KIT = [
        'body' => ['name' => 'Body', 'format' => '36x24', 'isoMin' => 100, 'isoMax' => 25600],
        'lenses' => [
            [
                'name' => 'slow zoom',
                'minFocal' => 100,
                'maxFocal' => 400,
                'widestAtMin' => 4.5,
                'widestAtMax' => 5.6,
                'smallest' => 32,
            ],
        ],
        'supports' => ['hand'],
    ];

    public function test_a_bank_is_kept_and_shows_what_the_own_lenses_give(): void
    {
        $world = World::make();
        $world->student->update(['kit' => self::KIT]);
        $this->actingAs($world->student)
            ->get(route('banks.create', ['kind' => 'night-sky']))
            ->assertOk()
            ->assertSee(BankKind::NightSky->reason());
        $this->post(route('banks.store'), self::FORM)->assertRedirect(route('banks'));

        $this->get(route('banks'))
            ->assertOk()
            ->assertSee('Birds at the feeder')
            ->assertSee('slow zoom at 400 mm')
            ->assertSee('3 stops of light lost')
            // For what is small and fast, ISO follows on purpose.
            ->assertDontSee('whatever you set')
            ->assertSee('drive back to single');
        $this->get(route('banks.print'))->assertOk()->assertSee('print at 100 %')->assertMarkup('width="72.7');
        $this->put(route('banks.update', SettingsBank::query()->sole()), [
            ...self::FORM,
            'kind' => 'street',
            'flash' => '1',
            'silent' => '1',
        ])->assertRedirect();
        $this->get(route('banks'))->assertSee('silent electronic shutter')->assertSee('whatever you set');
        $this->delete(route('banks.destroy', SettingsBank::query()->sole()))->assertRedirect();
        $this->get(route('banks'))->assertSee('No bank yet');
    }

    public function test_a_bank_holds_a_range_and_how_it_lies_on_the_body_and_has_a_version_for_another_season(): void
    {
        $world = World::make();
        $this->actingAs($world->student)->post(route('banks.store'), [
            ...self::FORM,
            'season' => 'winter',
            'dial' => 'third mark',
            'fNumberTo' => 'f/8',
            'exposureTimeTo' => '1/500',
            'isoTo' => 'ISO 6400',
            'area' => 'tracking',
            'profile' => 'flat',
            'buttons' => 'front: lock the light',
        ])->assertSessionHasNoErrors();
        $bank = SettingsBank::query()->sole();
        foreach (['banks', 'banks.print'] as $page) {
            $this->get(route($page))
                ->assertSee('winter')
                ->assertSee('third mark on the dial')
                ->assertSee('as far as ƒ/8')
                ->assertSee('as far as 1/500 s')
                ->assertSee('as far as ISO 6400')
                ->assertSee('follows what it took')
                ->assertSee('front: lock the light')
                ->assertSee('mode from third mark back to the one that you use first')
                ->assertSee('picture profile from flat back');
        }
        // All of it comes back into the form, and into another version of it.
        foreach ([route('banks.edit', $bank), route('banks.create', ['from' => $bank->id])] as $form) {
            $this->get($form)->assertMarkup('value="winter"')->assertMarkup('value="6400"')->assertMarkup('value="8"');
        }
        $this->post(route('banks.store'), [...self::FORM, 'season' => 'summer']);
        $this->assertSame(2, SettingsBank::query()->count());
        // Nobody starts from somebody else's.
        $this->actingAs($world->neighbour)
            ->get(route('banks.create', ['from' => $bank->id]))
            ->assertOk()
            ->assertDontSee('Birds at the feeder');
        $this->post(route('banks.store'), [...self::FORM, 'isoTo' => 'high'])->assertSessionHasErrors('isoTo');
    }

    public function test_what_cannot_be_read_is_named_and_kept(): void
    {
        $world = World::make();
        $this->actingAs($world->student)
            ->from(route('banks.create'))
            ->post(route('banks.store'), [...self::FORM, 'fNumber' => 'wide'])
            ->assertRedirect(route('banks.create'))
            ->assertSessionHasErrors('fNumber');
        $this->get(route('banks.create'))->assertMarkup('value="wide"');
        $this->assertSame(0, SettingsBank::query()->count());
    }

    public function test_a_bank_is_its_owner_s(): void
    {
        $world = World::make();
        $this->actingAs($world->student)->post(route('banks.store'), self::FORM);
        $bank = SettingsBank::query()->sole();
        foreach (['neighbour', 'instructor', 'outsider'] as $person) {
            $this->actingAs($world->$person);
            $this->get(route('banks.edit', $bank))->assertForbidden();
            $this->put(route('banks.update', $bank), self::FORM)->assertForbidden();
            $this->delete(route('banks.destroy', $bank))->assertForbidden();
            $this->get(route('banks'))->assertDontSee('Birds at the feeder');
        }
        $this->assertSame(1, SettingsBank::query()->count());
    }

    public function test_first_settings_are_ticked_by_hand_and_told_by_the_latest_frame(): void
    {
        $world = World::make();
        $this->actingAs($world->student)
            ->get(route('first-settings'))
            ->assertOk()
            ->assertSee('As soon as you have sent a frame');
        $this->put(route('first-settings.update'), [
            'ticked' => ['colour-space', 'nonsense', 'metering'],
        ])->assertSessionHas('done', fn (string $said): bool => str_starts_with($said, '2 of '));
        $this->assertSame(['colour-space', 'metering'], $world->student->refresh()->first_settings);
        $world->prepared();
        $this->get(route('first-settings'))
            ->assertSee('pot.jpg')
            ->assertSee('whole scene')
            ->assertSee('the file does not tell');
    }

    public function test_a_kit_holds_film_polariser_and_automatic_iso(): void
    {
        $world = World::make();
        $this->actingAs($world->student)
            ->put(route('kit.update'), [
                'name' => 'Body',
                'format' => '36x24',
                'stepsPerStop' => '3',
                'lenses' => '50 mm 1.8',
                'filters' => '3',
                'polariser' => '1',
                'filmName' => 'Kelm 200',
                'filmSpeed' => '200',
                'filmKind' => 'slide',
                'autoFloor' => '200',
                'autoCeiling' => '6400',
                'autoSlowest' => '1/125',
            ])
            ->assertSessionHasNoErrors();
        $kit = KitInUse::of($world->student->refresh());

        $this->assertEqualsWithDelta([3, 4 / 3], $kit?->filters, 1e-9);
        $this->assertSame(
            ['Kelm 200', 'slide', 6400.0, 0.008],
            [$kit->film?->name, $kit->film->kind->value, $kit->autoIso?->ceiling, $kit->autoIso->slowest],
        );
        // The form shows what was typed: the polariser is no second filter.
        $this->get(route('kit.edit'))->assertMarkup('name="filters" value="3"')->assertMarkup('value="Kelm 200"');
    }
}
