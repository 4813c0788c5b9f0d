<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Frame;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Critique\EditedSuggestion;
use TruePupil\Core\Critique\FollowingValue;
use TruePupil\Core\Critique\SuggestionChange;
use TruePupil\Core\Critique\SuggestionEditor;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Intent\KeptSharp;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Situation\Situation;

/** A suggestion changed by hand at the desk: what was typed, and what comes of it. */
final readonly class SuggestionEdit
{
    private function __construct(
        public FollowingValue $follows,
        public ?EditedSuggestion $edited,
        public Situation $situation,
        private ?SuggestionChange $change,
    ) {
    }

    /**
     * @param  array<string, mixed>  $input
     *   n, t, iso, filter, support, lens, follows, and kept, how much is sharp, from 0:
     *   what is missing is the suggestion's
     * @param  ?string  $changed  the value that was changed last
     * @return ?self null while the frame has not been measured
     */
    public static function of(Frame $frame, array $input, ?string $changed = null): ?self
    {
        $situation = app(FrameSituation::class)->asMeasured($frame);
        if ($situation === null) {
            return null;
        }
        $from = $frame->chosenSuggestion();
        $settings = self::settings($input, $from, $situation->record->settings());
        $follows = self::follows(
            FollowingValue::tryFrom(self::text($input, 'follows') ?? '') ??
                ($from?->exposure->mode === ExposureMode::Shutter ? FollowingValue::Iso : FollowingValue::Time),
            $changed,
        );
        $support = self::text($input, 'support') ?? $from?->support?->value;
        $filter = self::text($input, 'filter') ?? ($from->exposure->filterStops ?? 0);

        $change = $settings === null
            ? null
            : new SuggestionChange(
                $settings,
                $follows,
                self::text($input, 'lens') ?? $from?->lens->name,
                isset($input['lens']) && $input['lens'] !== $from?->lens->name ? null : $from?->lens->focalLength,
                $support === null ? null : Support::tryFrom($support),
                is_numeric($filter) ? max(0.0, min(20.0, (float) $filter)) : 0.0,
                $from->exposure->mode ?? $situation->record->exposure->mode,
            );
        $change = $change === null ? null : self::keeping($situation, $change, $input, $changed);

        return new self(
            $change->follows ?? $follows,
            $change === null
                ? null
                : app(SuggestionEditor::class)->edit($situation, app(Critic::class)->judge($situation), $change),
            $situation,
            $change,
        );
    }

    /**
     * The aperture that keeps as much sharp as the slider says, where that was moved last.
     *
     * @param  array<string, mixed>  $input
     */
    private static function keeping(
        Situation $situation,
        SuggestionChange $change,
        array $input,
        ?string $changed,
    ): SuggestionChange {
        $kept = $changed === 'kept' ? KeptSharp::cases()[(int) (self::text($input, 'kept') ?? -1)] ?? null : null;
        $aperture = $kept === null ? null : app(SuggestionEditor::class)->keeping($situation, $change, $kept);

        return $aperture === null
            ? $change
            : $change->withAperture($aperture, self::follows($change->follows, 'n'));
    }

    /** How much of the subject its aperture keeps sharp, as a position from 0; null where nobody can say. */
    public function keeps(): ?int
    {
        if ($this->change === null || $this->edited === null) {
            return null;
        }
        $set = $this->edited->suggestion->exposure->settings->aperture->apex();
        $nearest = null;
        foreach (KeptSharp::cases() as $position => $kept) {
            $aperture = app(SuggestionEditor::class)->keeping($this->situation, $this->change, $kept);
            $off = $aperture === null ? null : abs($aperture->apex() - $set);
            if ($off !== null && ($nearest === null || $off < $nearest[0] - 1e-6)) {
                $nearest = [$off, $position];
            }
        }

        return $nearest[1] ?? null;
    }

    /** What somebody sets by hand does not follow: another value does. */
    private static function follows(FollowingValue $follows, ?string $changed): FollowingValue
    {
        return match (true) {
            $changed === 't' && $follows === FollowingValue::Time => FollowingValue::Iso,
            $changed === 'iso' && $follows === FollowingValue::Iso,
            $changed === 'n' && $follows === FollowingValue::Aperture => FollowingValue::Time,
            default => $follows,
        };
    }

    /**
     * @param  array<string, mixed>  $input
     */
    private static function settings(array $input, ?Suggestion $from, ?ExposureSettings $record): ?ExposureSettings
    {
        $value = fn (string $field, ?float $otherwise): ?float => is_numeric($input[$field] ?? null) &&
        (float) $input[$field] > 0
            ? (float) $input[$field]
            : $otherwise;
        $before = $from->exposure->settings ?? $record;
        [$n, $t, $iso] = [
            $value('n', $before?->aperture->exact),
            $value('t', $before?->time->exact),
            $value('iso', $before?->iso->exact),
        ];

        return $n === null || $t === null || $iso === null
            ? null
            : new ExposureSettings(
                Aperture::of(max(0.5, min(128.0, $n))),
                ExposureTime::of(max(1e-5, min(3600.0, $t))),
                Iso::of(max(1.0, min(4e6, $iso))),
            );
    }

    /** @param  array<string, mixed>  $input */
    private static function text(array $input, string $field): ?string
    {
        return is_scalar($input[$field] ?? null) && (string) $input[$field] !== '' ? (string) $input[$field] : null;
    }
}
