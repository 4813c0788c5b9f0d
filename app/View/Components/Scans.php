<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Attempt;
use App\Models\FilmRoll;
use App\Models\Frame;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\View\Component;
use Illuminate\View\View;
use TruePupil\Core\Roll\FrameNumber;

/** Which frames of a roll the pictures of an attempt are scans of. */
final class Scans extends Component
{
    /** @var Collection<int, FilmRoll> of the student */
    public readonly Collection $rolls;

    /** The roll that they are matched with, or the latest one. */
    public readonly ?int $chosen;

    /** Its name, where one is matched. */
    public readonly ?string $matched;

    public function __construct(public readonly Attempt $attempt)
    {
        $this->rolls = FilmRoll::query()->where('user_id', $attempt->user_id)->orderByDesc('id')->get();
        $roll = $this->rolls->find($attempt->frames->pluck('film_roll_id')->filter()->first());
        $this->matched = $roll instanceof FilmRoll ? $roll->roll()->name : null;
        $this->chosen = $roll instanceof FilmRoll ? $roll->id : $this->rolls->first()?->id;
    }

    /** The number of a frame: as it was matched, else as its file is named. */
    public function number(Frame $frame): string
    {
        return $frame->film_frame ?? FrameNumber::ofFile($frame->original_name) ?? '';
    }

    public function shouldRender(): bool
    {
        // Whose camera wrote its settings down needs no log.
        return $this->rolls->isNotEmpty() && ($this->matched !== null || $this->attempt->frames->contains(
            fn (Frame $frame): bool => $frame->tags !== null && $frame->pictureRecord()?->capture->settings() === null,
        ));
    }

    public function render(): View
    {
        return view('components.scans');
    }
}
