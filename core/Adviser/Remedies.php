<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Optics\InvalidOptics;

/**
 * Looks for what would make an impossible wish possible: one thing, or two together where no single one is enough, or
 * three. Each is run through the same search and told with the settings that it leads to.
 */
final readonly class Remedies
{
    /** More would be a catalogue. */
    private const OFFERED = 5;

    /** What is let go of is named when nothing else helps, or beside it. */
    private const LETS_GO = ['less-depth', 'accept-blur', 'light'];

    public function __construct(private AdviceRequest $request, private Search $search)
    {
    }

    public function find(): Impossible
    {
        if ($this->request->kit->lenses === []) {
            return new Impossible('The kit has no lens.', []);
        }
        $gap = LightGap::of($this->request, $this->search);
        $kinds = (new Changes($this->request, $gap))->all();
        $helps = [];
        foreach (array_keys($kinds) as $kind) {
            $helps[] = $this->together($kinds, [$kind]);
        }
        $helps = array_values(array_filter($helps));
        // What alone is no help may be one together; what lets a wish go is no reason not to look for it.
        if (array_filter($helps, fn (Remedy $help): bool => ! in_array($help->what, self::LETS_GO, true)) === []) {
            $helps = [...$this->combined($kinds, $helps, self::LETS_GO), ...$helps];
        }
        // At the last, wishes let go together with what can be had.
        $helps = $helps === [] ? $this->combined($kinds, [], []) : $helps;

        return new Impossible($this->reason($gap), array_slice($helps, 0, self::OFFERED));
    }

    /**
     * @param  array<string, list<Change>>  $kinds
     * @param  list<Remedy>  $alone  what helps alone
     * @param  list<string>  $without  kinds that are not looked at
     * @return list<Remedy> pairs; threes where no pair helps
     */
    private function combined(array $kinds, array $alone, array $without): array
    {
        $names = array_values(array_diff(
            array_keys($kinds),
            array_map(fn (Remedy $help): string => $help->what, $alone),
            $without,
        ));
        $pairs = $threes = [];
        foreach ($names as $i => $first) {
            foreach (array_slice($names, $i + 1) as $second) {
                $pairs[] = $this->together($kinds, [$first, $second]);
                foreach (array_slice($names, (int) array_search($second, $names, true) + 1) as $third) {
                    $threes[] = [$first, $second, $third];
                }
            }
        }
        $pairs = array_values(array_filter($pairs));
        if ($pairs !== [] || $alone !== []) {
            return $pairs;
        }
        foreach ($threes as $three) {
            $help = $this->together($kinds, $three);
            if ($help !== null) {
                return [$help];
            }
        }

        return [];
    }

    /**
     * The least of each of these kinds that helps together.
     *
     * @param  array<string, list<Change>>  $kinds
     * @param  list<string>  $names
     */
    private function together(array $kinds, array $names): ?Remedy
    {
        // The most of all of them first: where that does not help, nothing does.
        $most = array_map(fn (string $name): Change => $kinds[$name][count($kinds[$name]) - 1], $names);
        if ($this->tried($most) === null) {
            return null;
        }
        $best = null;
        foreach ($this->choices(array_map(fn (string $name): array => $kinds[$name], $names)) as $changes) {
            $found = $this->tried($changes);
            if ($found === null) {
                continue;
            }
            $remedy = $this->remedy($changes, $found);
            if (count($names) === 1) {
                return $remedy;
            }
            if ($best === null || $found[1]->cost < $best[0]) {
                $best = [$found[1]->cost, $remedy];
            }
        }

        return $best[1] ?? null;
    }

    /**
     * Every choice of one of each.
     *
     * @param  list<list<Change>>  $kinds
     * @return list<list<Change>>
     */
    private function choices(array $kinds): array
    {
        $choices = [[]];
        foreach ($kinds as $changes) {
            $more = [];
            foreach ($choices as $choice) {
                foreach ($changes as $change) {
                    $more[] = [...$choice, $change];
                }
            }
            $choices = $more;
        }

        return $choices;
    }

    /**
     * @param  list<Change>  $changes
     * @return ?array{AdviceRequest, Candidate, ?FlashCandidate} what is asked then, and the best that answers it
     */
    private function tried(array $changes): ?array
    {
        $request = $this->request;
        foreach ($changes as $change) {
            // A stack takes away what sways: what brings something to stand on comes before it.
            $request = ($change->apply)($request);
        }
        $best = (new Search($request))->bestOfAll();
        $flash = null;
        if ($best === null && in_array('flash', array_column($changes, 'what'), true)) {
            $flash = (new FlashAdvice($request))->find(null);
            $best = $flash?->candidate;
        }

        return $best === null ? null : [$request, $best, $flash];
    }

    /**
     * @param  list<Change>  $changes
     * @param  array{AdviceRequest, Candidate, ?FlashCandidate}  $found
     */
    private function remedy(array $changes, array $found): Remedy
    {
        [$request, $candidate, $flash] = $found;
        $isStack = in_array('focus-stack', array_column($changes, 'what'), true);
        $frames = $isStack ? Changes::framesOf($this->request, $candidate) : 0;
        $settings = KitAdviser::answer($request, $candidate, $flash);
        $says = array_map(
            fn (Change $change): string => $change->what === 'focus-stack'
                ? sprintf('as a focus stack of %d frames, if nothing moves', $frames)
                : $change->with,
            $changes,
        );
        $last = (string) array_pop($says);
        $words = $says === [] ? $last : implode(', ', $says).' and '.preg_replace('/^with /', '', $last);
        $only = $changes[0];

        return new Remedy(
            implode('+', array_column($changes, 'what')),
            $only->what === 'focus-stack' ? (float) $frames : $only->amount,
            $only->unit,
            sprintf('%s: %s.', ucfirst($words), $settings->exposure->settings),
            $settings,
        );
    }

    private function reason(LightGap $gap): string
    {
        if ($this->search->setups === []) {
            return $this->withoutLens();
        }
        if ($gap->missing === null || $gap->surplus === null) {
            $demands = $this->search->setups[0]->demands;
            $bounds = $demands->aperture;
            $isCrossed = $demands->avFrom() > $demands->avTo();

            return match (true) {
                $isCrossed && $bounds->separation !== null && $bounds->depth !== null => 'So much depth and so soft '.
                    'a background exclude each other: no aperture gives both.',
                $isCrossed && $bounds->depth !== null => 'No aperture of the lens is small enough for the depth.',
                $isCrossed && $this->request->kit->body->kind === BodyKind::Phone => 'The lens of a phone is too '.
                    'small for so soft a background. Look for a plain one, or let its portrait mode imitate it.',
                $isCrossed => 'No aperture of the lens is wide enough for so soft a background.',
                default => 'No exposure time is long enough for the movement to show and short enough to be held '.
                    'still.',
            };
        }
        if ($gap->missing > 0 && $gap->av !== null) {
            return sprintf(
                'There is too little light: at %s, the longest time allowed and the highest ISO allowed, it falls %s '.
                    'short.',
                Aperture::of(2 ** ($gap->av / 2)),
                $this->words($gap->missing),
            );
        }

        return sprintf(
            'There is too much light: even at the lowest ISO and the smallest aperture allowed, it is %s too bright.',
            $this->words($gap->surplus),
        );
    }

    private function withoutLens(): string
    {
        $subject = $this->request->intent->distances->subject;
        $closest = min([INF, ...array_map(fn (Lens $lens): float => $lens->closestFocus, $this->request->kit->lenses)]);

        return $subject !== null && $subject < $closest && is_finite($closest)
            ? InvalidOptics::insideClosestFocus($subject, $closest, 'every lens of the kit')->getMessage()
            : 'No lens of the kit frames the subject that way and focuses that near.';
    }

    private function words(float $stops): string
    {
        // A shortage is rounded up: less would not be enough.
        return Stops::of(max(1, ceil($stops * 3 - 1e-6)) / 3)->inWords();
    }
}
