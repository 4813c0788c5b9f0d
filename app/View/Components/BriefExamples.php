<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Briefs\BriefPictures;
use App\Models\BriefPicture;
use App\Models\Course;
use App\Practice\BriefExamples as Examples;
use Illuminate\Support\Collection;
use Illuminate\View\Component;
use Illuminate\View\View;
use TruePupil\Core\Brief\Brief;

/** Frames that meet a brief beside some that do not: of a ready one with what differs, of others the instructor's. */
final class BriefExamples extends Component
{
    public readonly ?Examples $examples;

    /** @var array<string, list<array{file: string, settings: string}>> those of a ready brief, by what they do */
    public readonly array $made;

    /** @var Collection<int, BriefPicture> */
    public readonly Collection $own;

    public function __construct(Brief $brief, BriefPictures $pictures, ?Course $course = null)
    {
        $this->examples = Examples::of($brief);
        $this->made = $this->examples === null
            ? []
            : array_filter(['meets' => $this->examples->meets, 'misses' => $this->examples->misses]);
        // The ready ones are known to have none.
        $isOwn = $course !== null && $this->examples === null;
        $this->own = $isOwn ? $pictures->of($brief->id, $course) : new Collection();
    }

    public function shouldRender(): bool
    {
        return $this->examples !== null || $this->own->isNotEmpty();
    }

    public function render(): View
    {
        return view('components.brief-examples');
    }
}
