<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Briefs\BriefLibrary;
use App\Imaging\LooseFile;
use App\View\RecordArray;
use InvalidArgumentException;
use TruePupil\Core\Adviser\PlacementAdviser;
use TruePupil\Core\Brief\Approach;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Capture\RecordReader;
use TruePupil\Core\Capture\Support;
use TruePupil\Core\Capture\TypedFields;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\Critique;
use TruePupil\Core\Findings\Situation;

final class CritiquePicture extends JsonCommand
{
    protected $signature = 'pupil:critique {file : a picture}
        {--brief= : the id of a ready brief, or a brief file}
        {--placement= : which subject of the brief it is; the first when not said}
        {--subject= : x,y,w,h as fractions of the displayed frame}
        {--support= : hand, braced, monopod or tripod}
        {--approach= : a JSON file with the course\'s choices}';

    protected $description = 'Checks, findings and suggestions for a picture, as JSON';

    public function __construct(
        private readonly BriefLibrary $library,
        private readonly Critic $critic,
        private readonly PlacementAdviser $adviser,
    ) {
        parent::__construct();
    }

    protected function answer(): array
    {
        $path = (string) $this->argument('file');
        $brief = $this->brief();
        $typed = new TypedFields(support: $this->support());
        $approach = $this->approach();
        $picture = app(RecordReader::class)->read($path);
        $measures = app(LooseFile::class)->measure($path, $this->option('subject'));
        $placement = $this->option('placement') ?? $brief?->placements[0]->id ?? null;
        $situation = new Situation($typed->fillIn($picture->capture), $measures, $approach, $brief?->placement($placement));

        return [
            'record' => RecordArray::of($picture),
            'measures' => $measures->toArray(),
            ...Critique::of($situation, $brief, $this->critic, $this->adviser)->toArray(),
        ];
    }

    private function brief(): ?Brief
    {
        $named = $this->option('brief');
        if ($named === null) {
            return null;
        }
        $brief = is_file($named) ? $this->library->fromFile($named) : $this->library->find($named);

        return $brief ?? throw new InvalidArgumentException(sprintf('There is no ready brief and no file called "%s".', $named));
    }

    private function support(): ?Support
    {
        $named = $this->option('support');

        return $named === null ? null : (Support::tryFrom($named)
            ?? throw new InvalidArgumentException(sprintf('"%s" is no support; write hand, braced, monopod or tripod.', $named)));
    }

    private function approach(): Approach
    {
        $path = $this->option('approach');
        if ($path === null) {
            return new Approach;
        }
        $choices = is_file($path) ? json_decode((string) file_get_contents($path), true) : null;

        return is_array($choices) ? Approach::fromArray($choices) : throw new InvalidArgumentException(sprintf('"%s" is not a JSON file with an approach.', $path));
    }
}
