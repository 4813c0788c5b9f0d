<?php

declare(strict_types=1);

namespace App\Calculators;

use InvalidArgumentException;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Intent\IntentFormat;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\KitFormat;

/** Reads a request for advice from decoded JSON: the kit's keys, "sceneEv100", "intent" and, if wished, "approach". */
final class SolveInput
{
    /** @throws InvalidArgumentException naming the key at fault */
    public static function read(Fields $data): AdviceRequest
    {
        $approach = $data->raw('approach') ?? [];

        return new AdviceRequest(
            Ev100::of($data->number('sceneEv100')),
            KitFormat::read($data),
            IntentFormat::read($data->part('intent')),
            Approach::fromArray(is_array($approach) ? $approach : []),
        );
    }
}
