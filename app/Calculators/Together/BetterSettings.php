<?php

declare(strict_types=1);

namespace App\Calculators\Together;

use App\Calculators\Answer;
use App\Calculators\Calculator;
use App\Calculators\DepthFigure;
use App\Calculators\Figures;
use App\Calculators\MovementFigure;
use App\Calculators\Sheet;
use App\Calculators\SheetField;
use App\Calculators\SolveInput;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use App\Input\LensLine;
use InvalidArgumentException;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Intent\KeptSharp;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Reach;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\SensorFormat;

/** Better settings of a kit for a light and what the picture should show. */
final class BetterSettings extends Calculator
{
    private const SAMPLE_LENSES = "50 mm 1.8 to 16 from 0.45 m\n24-70 mm 4 to 22 from 0.38 m";

    private const SUPPORTS = [
        'hand' => 'by hand',
        'hand,tripod' => 'by hand or on a tripod',
        'tripod' => 'on a tripod',
        'hand,monopod' => 'by hand or on a monopod',
        'braced' => 'braced',
    ];

    public function id(): string
    {
        return 'solve';
    }

    public function topic(): Topic
    {
        return Topic::Together;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Better settings',
            'Every lens, aperture and ISO of a kit against the light and what the picture should show: up to three '.
                'ways that differ in kind, what each gains and costs, and the map of what is barred and why.',
            [...self::picture(), ...self::equipment($kit)],
        );
    }

    public function answer(CalculatorInput $input): Answer
    {
        $request = self::request($input);
        $advice = KitAdviser::advise($request);
        $first = $advice->suggestions[0] ?? null;

        return new Answer(
            figures: new Figures(
                depth: $first === null ? null : self::depth($request, $first),
                movement: $first === null ? null : self::movement($request, $first),
                map: $advice->map,
            ),
            advice: $advice,
        );
    }

    /** @return list<SheetField> */
    private static function picture(): array
    {
        $looks = array_map(fn (MovementLook $look): string => $look->label(), MovementLook::cases());

        return [
            new SheetField('light', 'Light', 'EV at ISO 100', '9'),
            new SheetField('is', 'What it is', '', '', ['' => 'not said'] + array_combine(
                array_column(SubjectKind::cases(), 'value'),
                array_map(fn (SubjectKind $kind): string => $kind->label(), SubjectKind::cases()),
            )),
            new SheetField('keptSharp', 'How much is sharp', '', '', ['' => 'as its kind asks for'] + array_combine(
                array_column(KeptSharp::cases(), 'value'),
                array_map(fn (KeptSharp $kept): string => $kept->label(), KeptSharp::cases()),
            )),
            new SheetField('subject', 'Subject at', 'm', '3'),
            new SheetField('near', 'Sharp from', 'm', '2.7'),
            new SheetField('far', 'Sharp to', 'm', '3.4'),
            new SheetField('background', 'Background at', 'm'),
            new SheetField('separation', 'Background spread', '% of the width'),
            new SheetField(
                'want',
                'Movement',
                '',
                'acceptable',
                ['' => 'none'] + array_combine(array_column(MovementLook::cases(), 'value'), $looks),
            ),
            new SheetField('speed', 'Its speed', 'm/s', '1.4'),
            new SheetField('angle', 'Direction', '°; 0 is across', '0'),
            new SheetField('focalLength35', 'Framing', 'mm, as on 36 × 24', '50'),
            new SheetField('maxIso', 'Highest ISO', '', '6400'),
        ];
    }

    /** @return list<SheetField> */
    private static function equipment(?Kit $kit): array
    {
        $body = $kit?->body;
        $owned = $kit === null ? 'hand' : implode(',', array_column($kit->supports, 'value'));
        $lenses = $kit === null || $kit->lenses === []
            ? self::SAMPLE_LENSES
            : implode("\n", array_map(LensLine::of(...), $kit->lenses));

        return [
            new SheetField(
                'supports',
                'Support',
                '',
                isset(self::SUPPORTS[$owned]) ? $owned : 'hand,tripod',
                self::SUPPORTS,
            ),
            new SheetField(
                'filters',
                'Filters',
                'stops each, with spaces',
                $kit === null ? '3 6' : implode(' ', $kit->filters),
            ),
            new SheetField('flash', 'Flash', 'guide number, m', (string) ($kit?->flash->guideNumber ?? '')),
            new SheetField(
                'head',
                'Its head',
                '',
                $kit?->flash?->canBounce === true ? 'turns' : '',
                ['' => 'looks ahead', 'turns' => 'turns to the ceiling'],
            ),
            self::format($body?->format),
            new SheetField('pixels', 'Pixels across', '', (string) ($body->pixelsAcross ?? 6000)),
            new SheetField('stabiliser', 'Stabiliser', 'stops', (string) ($body->stabiliserStops ?? 2)),
            new SheetField('isoMin', 'Lowest ISO', '', (string) ($body?->limits->isoMin ?? 100)),
            new SheetField('isoMax', 'Body\'s highest ISO', '', (string) ($body?->limits->isoMax ?? 25600)),
            new SheetField('fastest', 'Fastest time', 's', '1/'.round(1 / ($body?->limits->fastest ?? 1 / 8000))),
            new SheetField('slowest', 'Slowest time', 's', (string) ($body?->limits->slowest ?? 30)),
            new SheetField('lenses', 'Lenses', 'one a line', $lenses, long: true),
        ];
    }

    private static function format(?SensorFormat $own): SheetField
    {
        $field = SheetField::format();
        $size = $own === null ? $field->example : $own->width.'x'.$own->height;
        $choices = isset($field->choices[$size])
            ? $field->choices
            : [$size => str_replace('x', ' × ', $size).' mm'] + $field->choices;

        return new SheetField('format', 'Format', '', $size, $choices);
    }

    /** @throws InvalidArgumentException naming the key at fault */
    private static function request(CalculatorInput $input): AdviceRequest
    {
        $intent = $input->numbersOf('subject', 'near', 'background', 'separation', 'focalLength35', 'maxIso');
        if ($input->has('far')) {
            $intent['far'] =
                preg_match('/^(∞|inf|infinity|horizon)$/iu', $input->text('far')) === 1
                    ? 'infinity'
                    : $input->positive('far');
        }
        foreach (['is', 'keptSharp'] as $word) {
            if ($input->has($word)) {
                $intent[$word] = $input->text($word);
            }
        }
        if ($input->has('want')) {
            $intent['motion'] = ['want' => $input->text('want'), ...$input->numbersOf('speed', 'angle')];
        }

        return SolveInput::read(
            Fields::of([
                'sceneEv100' => $input->number('light'),
                'intent' => $intent,
                'supports' => explode(',', $input->has('supports') ? $input->text('supports') : 'hand'),
                'filters' => self::filters($input->has('filters') ? $input->text('filters') : ''),
                'body' => [
                    'name' => 'the body',
                    'format' => $input->text('format'),
                    ...$input->has('pixels') ? ['pixels' => [$input->positive('pixels')]] : [],
                    'stabiliserStops' => $input->numberOr('stabiliser', 0),
                    ...$input->numbersOf('isoMin', 'isoMax', 'fastest', 'slowest'),
                ],
                ...$input->has('flash') ? ['flash' => [
                    'guideNumber' => $input->positive('flash'),
                    'canBounce' => $input->has('head'),
                ]] : [],
                'lenses' => array_map(
                    fn (Lens $lens): array => get_object_vars($lens),
                    LensLine::all($input->has('lenses') ? $input->text('lenses') : ''),
                ),
            ]),
        );
    }

    /** @return list<float> stops */
    private static function filters(string $typed): array
    {
        return array_values(array_map(
            floatval(...),
            array_filter(
                preg_split('/[\s,]+/', $typed) ?: [],
                fn (string $part): bool => is_numeric($part) && (float) $part > 0,
            ),
        ));
    }

    private static function depth(AdviceRequest $request, Suggestion $first): ?DepthFigure
    {
        [$focalLength, $focus] = [$first->lens->focalLength, $first->lens->focusDistance];
        if ($focalLength === null || $focus === null) {
            return null;
        }
        $wants = $request->intent->asksForDepth();

        return new DepthFigure(
            DepthOfField::of(
                $focalLength,
                $first->exposure->settings->aperture->exact,
                $focus,
                $request->kit->body->format->circleOfConfusion(),
            ),
            $focus,
            $wants ? $request->intent->sharpFrom() : null,
            $wants ? $request->intent->sharpTo() : null,
        );
    }

    private static function movement(AdviceRequest $request, Suggestion $first): ?MovementFigure
    {
        [$intent, $format, $focalLength] = [$request->intent, $request->kit->body->format, $first->lens->focalLength];
        $blur = $focalLength === null
            ? null
            : $intent->movement?->blur($focalLength, $intent->distances->subject, $format);

        return $blur?->criticalLimit() === null ? null : new MovementFigure(
            $blur,
            $format->circleOfConfusion(),
            Reach::of($request->kit->body),
            $intent->movement->band($focalLength, $intent->distances->subject, $format),
            $first->exposure->settings->time,
        );
    }
}
