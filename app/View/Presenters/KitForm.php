<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Input\LensLine;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Support;

/** A kit as its form shows it: every value as a person would type it. */
final readonly class KitForm
{
    /** Fields of the body that are folded away: what is usual stands in them. */
    public const MORE_OF_BODY = [
        'pixels',
        'fastest',
        'slowest',
        'silentFastest',
        'flashSync',
        'isoMin',
        'isoBase',
        'isoNativeMax',
        'isoMax',
        'comfortableIso',
        'stabiliserStops',
        'stepsPerStop',
    ];

    /** Of light, film and what the camera does by itself. */
    public const MORE = [
        'filters',
        'autoFloor',
        'autoCeiling',
        'autoSlowest',
        'guideNumber',
        'flashDistance',
        'flashSide',
        'flashHeight',
        'filmName',
        'filmSpeed',
        'filmKind',
        'filmYears',
        'filmIndex',
        'filmPushed',
    ];

    /** @param  array<string, string>  $values */
    private function __construct(private array $values, /** @var list<string> */ public array $supports)
    {
    }

    /** @param  bool  $hasPolariser  which the core counts among the filters */
    public static function of(?Kit $kit, bool $hasPolariser = false): self
    {
        if ($kit === null) {
            return new self(
                [
                    'format' => '36x24',
                    'stepsPerStop' => '3',
                    'fastest' => '1/8000',
                    'slowest' => '30',
                    'isoMin' => '100',
                    'isoBase' => '100',
                    'isoMax' => '25600',
                    'stabiliserStops' => '0',
                ],
                ['hand'],
            );
        }
        $limits = $kit->body->limits;
        $number = fn (float|int|null $value): string => $value === null ? '' : (string) round($value, 2);
        $time = fn (?float $seconds): string => $seconds === null
            ? ''
            : str_replace(' s', '', (string) ExposureTime::of($seconds));

        return new self(
            [
                'name' => $kit->body->name,
                'format' => $kit->body->format->width.'x'.$kit->body->format->height,
                'pixels' => $number($kit->body->pixelsAcross),
                'stepsPerStop' => (string) $limits->increment->perStop(),
                'fastest' => $time($limits->fastest),
                'slowest' => $time($limits->slowest),
                'flashSync' => $time($limits->flashSync),
                'silentFastest' => $time($limits->silentFastest),
                'isoMin' => $number($limits->isoMin),
                'isoBase' => $number($limits->isoBase),
                'isoNativeMax' => $number($limits->isoNativeMax),
                'isoMax' => $number($limits->isoMax),
                'stabiliserStops' => $number($kit->body->stabiliserStops),
                'comfortableIso' => $number($kit->body->comfortableIso),
                'lenses' => implode("\n", array_map(LensLine::of(...), $kit->lenses)),
                'filters' => implode(' ', $hasPolariser ? array_slice($kit->filters, 0, -1) : $kit->filters),
                'guideNumber' => $number($kit->flash?->guideNumber),
                'canBounce' => $kit->flash?->canBounce === true ? '1' : '',
                'highSpeedSync' => $kit->flash?->highSpeedSync === true ? '1' : '',
                'flashDistance' => $number($kit->flash?->place?->distance),
                'flashSide' => $number($kit->flash?->place?->side),
                'flashHeight' => $number($kit->flash?->place?->height),
                'kind' => $kit->body->kind->value,
                'setsNothing' => $kit->body->setsTime ? '' : '1',
                'filmName' => $kit->film->name ?? '',
                'filmSpeed' => $number($kit->film?->boxSpeed->nominal()),
                'filmKind' => $kit->film?->kind->value ?? '',
                'filmYears' => ($kit->film->yearsExpired ?? 0.0) > 0 ? $number($kit->film?->yearsExpired) : '',
                'filmPushed' => $number($kit->film->pushed ?? 0.0),
                'filmIndex' => $number($kit->film?->exposureIndex?->nominal()),
                'autoFloor' => $number($kit->autoIso?->floor),
                'autoCeiling' => $number($kit->autoIso?->ceiling),
                'autoSlowest' => $time($kit->autoIso?->slowest),
                'polariser' => $hasPolariser ? '1' : '',
            ],
            array_map(fn (Support $support): string => $support->value, $kit->supports),
        );
    }

    /** What a field of the form shows: what was typed before where the form came back, else what is saved. */
    public function field(string $key): mixed
    {
        return old($key, $this->value($key));
    }

    /** Whether something stands in the fields that are folded away otherwise. */
    public function hasMore(): bool
    {
        return array_filter(self::MORE, fn (string $field): bool => ! in_array($this->value($field), ['', '0'], true))
            !== [];
    }

    public function value(string $key): string
    {
        return $this->values[$key] ?? '';
    }
}
