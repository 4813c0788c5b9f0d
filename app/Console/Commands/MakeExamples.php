<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Practice\BriefExamples;
use App\Practice\Finder;
use App\Practice\SceneRenderer;
use Illuminate\Console\Command;

final class MakeExamples extends Command
{
    protected $signature = 'pupil:examples';

    protected $description = 'Takes the example frames of the ready briefs again with the practice camera';

    public function handle(Finder $finder, SceneRenderer $renderer): int
    {
        $this->info(sprintf('Example frames of %d briefs are made.', BriefExamples::make($finder, $renderer)));

        return self::SUCCESS;
    }
}
