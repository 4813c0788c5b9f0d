<?php

declare(strict_types=1);

namespace App\Requests;

use InvalidArgumentException;
use JsonException;
use TruePupil\Core\Capture\ExposureMode;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\LensLimits;
use TruePupil\Core\Modes\AutoIso;
use TruePupil\Core\Modes\ExposureRequest;

/** Reads an exposure request from the JSON of a headless caller; what is missing keeps the body's ordinary values. */
final readonly class ExposeInput
{
    /** @param  array<mixed>  $data */
    private function __construct(private array $data)
    {
    }

    /** @throws InvalidArgumentException naming the key at fault */
    public static function parse(string $json): ExposureRequest
    {
        try {
            $data = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        } catch (JsonException $problem) {
            throw new InvalidArgumentException('The request is not JSON: '.$problem->getMessage().'.');
        }
        if (! is_array($data)) {
            throw new InvalidArgumentException('The request must be a JSON object.');
        }

        return (new self($data))->request();
    }

    private function request(): ExposureRequest
    {
        $mode = is_string($this->data['mode'] ?? null) ? ExposureMode::tryFrom($this->data['mode']) : null;
        if ($mode === null || $mode === ExposureMode::Unknown) {
            throw new InvalidArgumentException('"mode" must be one of auto, scene, program, aperture, shutter, manual, manual-auto-iso and bulb.');
        }
        $ordinary = new BodyLimits;
        $iso = $this->value('set', 'iso');
        $automatic = ($this->data['autoIso'] ?? null) === null ? null : new AutoIso(
            $this->number('autoIso', 'floor') ?? $this->number('body', 'isoMin') ?? $ordinary->isoMin,
            $this->number('autoIso', 'ceiling') ?? $this->number('body', 'isoMax') ?? $ordinary->isoMax,
            $this->number('autoIso', 'slowest'),
        );

        return new ExposureRequest(
            sceneEv100: $this->number(null, 'sceneEv100') ?? throw new InvalidArgumentException('"sceneEv100" is missing.'),
            mode: $mode,
            lens: new LensLimits($this->number('lens', 'widest') ?? 1.0, $this->number('lens', 'smallest') ?? 22.0, $this->number('lens', 'focalLength')),
            body: new BodyLimits(
                $this->number('body', 'fastest') ?? $ordinary->fastest,
                $this->number('body', 'slowest') ?? $ordinary->slowest,
                $this->number('body', 'isoMin') ?? $ordinary->isoMin,
                $this->number('body', 'isoMax') ?? $ordinary->isoMax,
            ),
            aperture: ($n = $this->number('set', 'fNumber')) === null ? null : Aperture::of($n),
            time: ($t = $this->number('set', 'exposureTime')) === null ? null : ExposureTime::of($t),
            iso: $iso === null || $iso === 'auto' ? null : Iso::of((float) $this->number('set', 'iso')),
            autoIso: $automatic,
            compensation: $this->number(null, 'compensation') ?? 0.0,
            filterStops: $this->number(null, 'filterStops') ?? 0.0,
        );
    }

    private function number(?string $part, string $key): ?float
    {
        $value = $this->value($part, $key);
        if ($value !== null && ! is_int($value) && ! is_float($value)) {
            throw new InvalidArgumentException(sprintf('"%s" must be a number; got %s.', $key, json_encode($value)));
        }

        return $value === null ? null : (float) $value;
    }

    private function value(?string $part, string $key): mixed
    {
        $from = $part === null ? $this->data : ($this->data[$part] ?? []);
        if (! is_array($from)) {
            throw new InvalidArgumentException(sprintf('"%s" must be an object.', $part));
        }

        return $from[$key] ?? null;
    }
}
