<?php

declare(strict_types=1);

namespace App\Calculators;

use InvalidArgumentException;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\LightRange;
use TruePupil\Core\Adviser\SettingBounds;
use TruePupil\Core\Adviser\TonePlacement;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Intent\IntentFormat;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\KitFormat;

/**
 * Reads a request for advice from decoded JSON: the kit's keys, "sceneEv100" as a meter of the subject says, "intent"
 * and, if wished, "approach", "brief" with what is demanded of the settings, and "ambientRange" with the EV of the
 * darkest and of the brightest part that matter.
 */
final class SolveInput
{
    private const KEYS = [
        'sceneEv100', 'body', 'lenses', 'support', 'supports', 'filters', 'polariser', 'flash', 'film', 'autoIso',
        'intent', 'approach', 'brief', 'ambientRange',
    ];

    /** @throws InvalidArgumentException naming the key at fault */
    public static function read(Fields $data): AdviceRequest
    {
        $data->refuseOthers(self::KEYS);
        $data->part('intent')->refuseOthers(IntentFormat::KEYS);
        $data->part('brief')->refuseOthers(SettingBounds::KEYS);
        $approach = $data->raw('approach') ?? [];
        $intent = IntentFormat::read($data->part('intent'));
        $light = Ev100::of($data->number('sceneEv100'));
        $placed = TonePlacement::of($intent, $light);

        return new AdviceRequest(
            Ev100::of($light->value - $placed->value),
            KitFormat::read($data),
            $intent,
            Approach::fromArray(is_array($approach) ? $approach : []),
            bounds: SettingBounds::read($data->part('brief')),
            placed: $placed,
            range: self::range($data),
        );
    }

    private static function range(Fields $data): ?LightRange
    {
        $range = $data->raw('ambientRange');
        if ($range === null) {
            return null;
        }
        $isPair = is_array($range) && count($range) === 2 &&
            is_numeric($range[0] ?? null) && is_numeric($range[1] ?? null);
        if (! $isPair) {
            throw new InvalidArgumentException('"ambientRange" must be two numbers: the darkest EV and the brightest.');
        }

        return new LightRange((float) min($range), (float) max($range));
    }
}
