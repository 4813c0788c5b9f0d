<?php

declare(strict_types=1);

namespace App\Calculators\Exposure;

use App\Calculators\Example;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use InvalidArgumentException;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Kit\Flash;
use TruePupil\Core\Kit\FlashPlace;
use TruePupil\Core\Kit\Kit;

/** A flash that is held or set up away from the camera: what power it needs, and where its shadow falls. */
final class FlashOffCamera extends NumberCalculator
{
    public function id(): string
    {
        return 'flash-off-camera';
    }

    public function topic(): Topic
    {
        return Topic::Exposure;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        $place = $kit?->flash?->place;

        return new Sheet(
            'Flash off the camera',
            'How much of its power a flash needs that stands to the side, what its light does there, and where its '.
                'own shadow falls on what lies behind.',
            [
                new SheetField('gn', 'Guide number', 'm at ISO 100', (string) ($kit?->flash->guideNumber ?? 40)),
                SheetField::aperture('5.6'),
                SheetField::iso(),
                new SheetField('d', 'From the flash to the subject', 'm', (string) ($place->distance ?? 1.5)),
                new SheetField(
                    'side',
                    'To the side',
                    '° from the camera; minus is left',
                    (string) ($place->side ?? 45),
                    least: -180,
                    most: 180,
                ),
                new SheetField('height', 'Above the eyes', '°', (string) ($place->height ?? 30), least: -85, most: 85),
                new SheetField('wall', 'From the subject to what lies behind', 'm', '1', least: 0, most: 100),
                new SheetField('lost', 'Lost', 'stops; an umbrella takes about 1½', '0', least: 0, most: 10),
            ],
            [
                SheetAnswer::worded('part', 'Power', '1/%.0f of all it has'),
                SheetAnswer::stops('spare', 'To spare'),
                SheetAnswer::metres('aside', 'Its shadow falls beside, on the other side'),
                SheetAnswer::metres('below', 'and below'),
                SheetAnswer::stops('wallUnder', 'What lies behind gets less, by'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['gn' => '32', 'n' => '8', 'iso' => '100', 'd' => '2', 'side' => '45', 'height' => '0', 'wall' => '1'],
            ['part' => 4.0, 'spare' => 2.0, 'aside' => 1.0, 'below' => 0.0, 'wallUnder' => 0.969],
        );
    }

    /**
     * @return array<string, ?float> of how many parts of its power one is needed, stops and metres
     *
     * @throws InvalidArgumentException
     */
    protected function numbers(CalculatorInput $input): array
    {
        $place = new FlashPlace(
            $input->positive('d'),
            $input->numberOr('side', 45.0),
            $input->numberOr('height', 30.0),
        );
        $wall = $input->numberOr('wall', 1.0);
        $spare = (new Flash($input->positive('gn')))->stopsToSpare(
            $input->positive('n'),
            $place->distance,
            $input->positive('iso'),
            $input->numberOr('lost', 0.0),
        );
        if ($spare < 0.0) {
            throw new InvalidExposure(sprintf(
                'It is %.1f stops too weak for that: come nearer, open up, or raise ISO.',
                -$spare,
            ));
        }
        $shadow = $place->shadow($wall);

        return [
            'part' => 2 ** $spare,
            'spare' => $spare,
            'aside' => $shadow['aside'] ?? null,
            'below' => $shadow['below'] ?? null,
            'wallUnder' => $place->wallUnder($wall),
        ];
    }
}
