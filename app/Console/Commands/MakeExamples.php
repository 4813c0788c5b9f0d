<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Practice\BriefExamples;
use App\Practice\Finder;
use App\Practice\SceneCards;
use App\Practice\SceneRenderer;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:examples')]
final class MakeExamples extends Command
{
    protected $signature = 'pupil:examples';

    protected $description = 'Takes the example frames of the briefs and the cards of the scenes again';

    public function handle(Finder $finder, SceneRenderer $renderer): int
    {
        $this->info(sprintf('Example frames of %d briefs are made.', BriefExamples::make($finder, $renderer)));
        $this->info(sprintf('Cards of %d scenes are made.', SceneCards::make($finder, $renderer)));

        return self::SUCCESS;
    }
}
