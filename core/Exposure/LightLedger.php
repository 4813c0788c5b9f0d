<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/**
 * The account of a frame's light, in stops. What the subject offered (its EV100) and what ISO gave stand on one side;
 * what aperture, exposure time and filter took, and where the brief wants the subject, stand on the other. The balance
 * is the exposure error: positive is too bright.
 *
 * offered + ISO − aperture − time − filter − wanted = error, with APEX values of the exact scale settings.
 */
final readonly class LightLedger
{
    /** @param  list<LedgerLine>  $lines */
    private function __construct(public array $lines, public Stops $balance)
    {
    }

    /**
     * @param  Ev100  $light  what the subject offered
     * @param  Stops  $wanted  where the subject belongs, from mid-grey
     * @param  ?Stops  $compensation  what the camera was told; a memorandum, since it shows in the values already
     */
    public static function of(
        Ev100 $light,
        ExposureSettings $settings,
        Stops $wanted,
        ?Stops $compensation = null,
        ?Stops $filter = null,
        string $wantedLabel = 'The subject belongs at',
    ): self {
        $lines = [
            new LedgerLine(
                'light',
                'Light from the subject',
                sprintf('%.1f cd/m²', $light->luminance()),
                Stops::of($light->value),
            ),
            new LedgerLine('iso', 'ISO gives', (string) $settings->iso, Stops::of($settings->iso->stopsAbove100())),
            new LedgerLine(
                'aperture',
                'Aperture takes',
                (string) $settings->aperture,
                Stops::of(-$settings->aperture->apex()),
            ),
            new LedgerLine(
                'time',
                'Exposure time takes',
                (string) $settings->time,
                Stops::of(-$settings->time->apex()),
            ),
        ];
        if ($filter !== null && $filter->inThirds() !== 0) {
            $lines[] = new LedgerLine('filter', 'Filter takes', $filter->inWords(), $filter->negated());
        }
        $lines[] = new LedgerLine('wanted', $wantedLabel, $wanted->signed(), $wanted->negated());
        $balance = array_reduce(
            $lines,
            fn (Stops $sum, LedgerLine $line): Stops => $sum->plus($line->stops),
            Stops::none(),
        );
        if ($compensation !== null) {
            $lines[] = new LedgerLine(
                'compensation',
                'Compensation told the camera',
                $compensation->signed(),
                $compensation,
                memorandum: true,
            );
        }

        return new self($lines, $balance);
    }

    public function line(string $id): ?LedgerLine
    {
        foreach ($this->lines as $line) {
            if ($line->id === $id) {
                return $line;
            }
        }

        return null;
    }

    /**
     * This ledger line by line against an earlier one.
     *
     * @return list<array{
     *     id: string,
     *     label: string,
     *     before: ?LedgerLine,
     *     after: ?LedgerLine,
     *     change: ?Stops,
     *     moved: bool,
     * }>
     */
    public function against(self $earlier): array
    {
        $rows = [];
        foreach (['light', 'iso', 'aperture', 'time', 'filter', 'wanted', 'compensation'] as $id) {
            $before = $earlier->line($id);
            $after = $this->line($id);
            $known = $after ?? $before;
            if ($known === null) {
                continue;
            }
            // A filter that is not there takes nothing; the lines then add up to the balance on both sides.
            if ($id === 'filter') {
                $none = new LedgerLine('filter', $known->label, 'none', Stops::none());
                [$before, $after] = [$before ?? $none, $after ?? $none];
            }
            $change = $before === null || $after === null ? null : $after->stops->minus($before->stops);
            $rows[] = [
                'id' => $id,
                'label' => $known->label,
                'before' => $before,
                'after' => $after,
                'change' => $change,
                'moved' => $change !== null && $change->inThirds() !== 0,
            ];
        }

        return $rows;
    }
}
