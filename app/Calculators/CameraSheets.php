<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Input\CalculatorInput;
use App\Input\LensLine;
use InvalidArgumentException;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Modes\ExposureRequest;

/**
 * The sheets that put everything together: two settings against each other, what a camera chooses, and better settings.
 */
final class CameraSheets
{
    private const TOPIC = 'Putting it together';

    private const SAMPLE_LENSES = "50 mm 1.8 to 16 from 0.45 m\n24-70 mm 4 to 22 from 0.38 m";

    /** @param  ?Kit  $kit  of whoever looks, to start from */
    public static function solve(?Kit $kit = null): Sheet
    {
        $body = $kit?->body;
        $looks = array_combine(
            array_column(MovementLook::cases(), 'value'),
            array_map(fn (MovementLook $look): string => $look->label(), MovementLook::cases()),
        );
        $supports = [
            'hand' => 'by hand',
            'hand,tripod' => 'by hand or on a tripod',
            'tripod' => 'on a tripod',
            'hand,monopod' => 'by hand or on a monopod',
            'braced' => 'braced',
        ];
        $owned =
            $kit === null ? 'hand' : implode(',', array_map(fn ($support): string => $support->value, $kit->supports));

        return new Sheet(
            'solve',
            self::TOPIC,
            'Better settings',
            'Every lens, aperture and ISO of a kit against the light and what the picture should show: up to three '.
                'ways that differ in kind, what each gains and costs, and the map of what is barred and why.',
            [
                new SheetField('light', 'Light', 'EV at ISO 100', '9'),
                new SheetField('subject', 'Subject at', 'm', '3'),
                new SheetField('near', 'Sharp from', 'm', '2.7'),
                new SheetField('far', 'Sharp to', 'm', '3.4'),
                new SheetField('background', 'Background at', 'm'),
                new SheetField('separation', 'Background spread', '% of the width'),
                new SheetField('want', 'Movement', '', 'acceptable', ['' => 'none'] + $looks),
                new SheetField('speed', 'Its speed', 'm/s', '1.4'),
                new SheetField('angle', 'Direction', '°; 0 is across', '0'),
                new SheetField('focalLength35', 'Framing', 'mm, as on 36 × 24', '50'),
                new SheetField('maxIso', 'Highest ISO', '', '6400'),
                new SheetField('supports', 'Support', '', isset($supports[$owned]) ? $owned : 'hand,tripod', $supports),
                new SheetField(
                    'filters',
                    'Filters',
                    'stops each, with spaces',
                    $kit === null ? '3 6' : implode(' ', $kit->filters),
                ),
                self::bodyFormat($body?->format->width, $body?->format->height),
                new SheetField('pixels', 'Pixels across', '', (string) ($body->pixelsAcross ?? 6000)),
                new SheetField('stabiliser', 'Stabiliser', 'stops', (string) ($body->stabiliserStops ?? 2)),
                new SheetField('isoMin', 'Lowest ISO', '', (string) ($body?->limits->isoMin ?? 100)),
                new SheetField('isoMax', 'Body\'s highest ISO', '', (string) ($body?->limits->isoMax ?? 25600)),
                new SheetField('fastest', 'Fastest time', 's', '1/'.round(1 / ($body?->limits->fastest ?? 1 / 8000))),
                new SheetField('slowest', 'Slowest time', 's', (string) ($body?->limits->slowest ?? 30)),
                new SheetField(
                    'lenses',
                    'Lenses',
                    'one a line',
                    $kit === null || $kit->lenses === []
                        ? self::SAMPLE_LENSES
                        : implode("\n", array_map(LensLine::of(...), $kit->lenses)),
                    long: true,
                ),
            ],
            [],
        );
    }

    public static function expose(): Sheet
    {
        $modes = array_filter(ExposureMode::cases(), fn (ExposureMode $mode): bool => $mode !== ExposureMode::Unknown);

        return new Sheet(
            'expose',
            self::TOPIC,
            'What the camera chooses',
            'The light, a mode and what you set: the values that the camera adds, what the finder shows, and every '.
                'limit it meets on the way, in order.',
            [
                new SheetField('light', 'Light', 'EV at ISO 100', '7'),
                new SheetField(
                    'mode',
                    'Mode',
                    '',
                    'aperture',
                    array_combine(
                        array_column($modes, 'value'),
                        array_map(fn (ExposureMode $mode): string => $mode->label(), $modes),
                    ),
                ),
                new SheetField('n', 'Aperture set', 'f-number', '2.8'),
                new SheetField('t', 'Time set', 's', '1/125'),
                new SheetField('iso', 'ISO set', 'empty is automatic'),
                new SheetField('compensation', 'Compensation', 'stops', '0'),
                new SheetField('filter', 'Filter', 'stops', '0'),
                new SheetField('floor', 'Automatic ISO from', '', '100'),
                new SheetField('ceiling', 'Automatic ISO to', '', '6400'),
                new SheetField('automaticSlowest', 'Its slowest time', 's', '1/80'),
                new SheetField('widest', 'Lens opens to', 'f-number', '1.8'),
                new SheetField('smallest', 'Lens closes to', 'f-number', '16'),
                new SheetField('f', 'Focal length', 'mm', '50'),
                new SheetField('fastest', 'Fastest time', 's', '1/8000'),
                new SheetField('slowest', 'Slowest time', 's', '30'),
                new SheetField('isoMin', 'Lowest ISO', '', '100'),
                new SheetField('isoMax', 'Highest ISO', '', '25600'),
                new SheetField('flashSync', 'Flash sync', 's', '1/200'),
                new SheetField('flash', 'Flash', '', '', ['' => 'off', '1' => 'on']),
                new SheetField('silent', 'Shutter', '', '', ['' => 'mechanical', '1' => 'electronic, silent']),
            ],
            [],
        );
    }

    public static function ledger(): Sheet
    {
        return new Sheet(
            'ledger',
            self::TOPIC,
            'Light ledger',
            'What the light offers and what each setting gives or takes, in stops; two settings line by line. Leave '.
                'the second empty for one account.',
            [
                new SheetField('light', 'Light', 'EV at ISO 100', '12'),
                new SheetField('wanted', 'Subject belongs at', 'stops from mid-grey', '0'),
                new SheetField('n', 'Aperture', 'f-number', '5.6'),
                new SheetField('t', 'Exposure time', 's', '1/125'),
                new SheetField('iso', 'ISO', '', '100'),
                new SheetField('filter', 'Filter', 'stops', '0'),
                new SheetField('n2', 'Second aperture', 'f-number', '2.8'),
                new SheetField('t2', 'Second time', 's', '1/250'),
                new SheetField('iso2', 'Second ISO', '', '100'),
                new SheetField('filter2', 'Second filter', 'stops', '0'),
            ],
            [],
        );
    }

    public static function adviceRequest(CalculatorInput $input): AdviceRequest
    {
        $numbers = fn (string $key): array => array_map(
            floatval(...),
            array_filter(
                preg_split('/[\s,]+/', $input->has($key) ? $input->text($key) : '') ?: [],
                fn (string $part): bool => is_numeric($part) && (float) $part > 0,
            ),
        );
        $intent = self::numbers($input, ['subject', 'near', 'background', 'separation', 'focalLength35', 'maxIso']);
        if ($input->has('far')) {
            $intent['far'] =
                preg_match('/^(∞|inf|infinity|horizon)$/iu', $input->text('far')) === 1
                    ? 'infinity'
                    : $input->positive('far');
        }
        if ($input->has('want')) {
            $intent['motion'] = ['want' => $input->text('want'), ...self::numbers($input, ['speed', 'angle'])];
        }

        return SolveInput::read(
            Fields::of([
                'sceneEv100' => $input->number('light'),
                'intent' => $intent,
                'supports' => explode(',', $input->has('supports') ? $input->text('supports') : 'hand'),
                'filters' => array_values($numbers('filters')),
                'body' => [
                    'name' => 'the body',
                    'format' => $input->text('format'),
                    ...$input->has('pixels') ? ['pixels' => [$input->positive('pixels')]] : [],
                    'stabiliserStops' => $input->numberOr('stabiliser', 0),
                    ...self::numbers($input, ['isoMin', 'isoMax', 'fastest', 'slowest']),
                ],
                'lenses' => array_map(
                    fn (Lens $lens): array => get_object_vars($lens),
                    LensLine::all($input->has('lenses') ? $input->text('lenses') : ''),
                ),
            ]),
        );
    }

    public static function exposureRequest(CalculatorInput $input): ExposureRequest
    {
        $automatic = array_combine(
            ['floor', 'ceiling', 'slowest'],
            array_map(fn (string $key): ?float => $input->has($key) ? $input->positive($key) : null, [
                'floor',
                'ceiling',
                'automaticSlowest',
            ]),
        );

        return ExposeInput::read(
            Fields::of([
                'sceneEv100' => $input->number('light'),
                'mode' => $input->text('mode'),
                'set' => [
                    'fNumber' => $input->has('n') ? $input->positive('n') : null,
                    'exposureTime' => $input->has('t') ? $input->positive('t') : null,
                    'iso' => $input->has('iso') ? $input->positive('iso') : 'auto',
                ],
                'compensation' => $input->numberOr('compensation', 0),
                'filterStops' => $input->numberOr('filter', 0),
                'lens' => [
                    'widest' => $input->positiveOr('widest', 1),
                    'smallest' => $input->positiveOr('smallest', 22),
                    'focalLength' => $input->positiveOr('f', 50),
                ],
                'body' => self::numbers($input, ['fastest', 'slowest', 'isoMin', 'isoMax', 'flashSync']),
                'autoIso' => array_filter($automatic) === [] ? null : $automatic,
                'flash' => $input->has('flash'),
                'silent' => $input->has('silent'),
            ]),
        );
    }

    /** @return array{LightLedger, ?LightLedger} */
    public static function ledgers(CalculatorInput $input): array
    {
        $light = Ev100::of($input->number('light'));
        $wanted = Stops::of($input->numberOr('wanted', 0));
        $ledger = fn (string $n, string $t, string $iso, string $filter): LightLedger => LightLedger::of(
            $light,
            new ExposureSettings(
                Aperture::of($input->positive($n)),
                ExposureTime::of($input->positive($t)),
                Iso::of($input->positive($iso)),
            ),
            $wanted,
            null,
            Stops::of($input->numberOr($filter, 0)),
        );
        $second = array_filter(['n2', 't2', 'iso2'], $input->has(...));
        if ($second !== [] && count($second) < 3) {
            throw new InvalidArgumentException('The second setting wants aperture, time and ISO, or none of them.');
        }

        return [$ledger('n', 't', 'iso', 'filter'), $second === [] ? null : $ledger('n2', 't2', 'iso2', 'filter2')];
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, float>
     */
    private static function numbers(CalculatorInput $input, array $keys): array
    {
        $numbers = [];
        foreach (array_filter($keys, $input->has(...)) as $key) {
            $numbers[$key] = $input->number($key);
        }

        return $numbers;
    }

    private static function bodyFormat(?float $width, ?float $height): SheetField
    {
        $field = Sheets::format();
        $own = $width === null ? '36x24' : $width.'x'.$height;

        return new SheetField(
            'format',
            'Format',
            '',
            $own,
            isset($field->choices[$own])
                ? $field->choices
                : [$own => str_replace('x', ' × ', $own).' mm'] + $field->choices,
        );
    }
}
