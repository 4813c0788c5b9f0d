<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Briefs\PublishedMeasures;
use App\Calculators\PublishedCalculators;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use Symfony\Component\Console\Attribute\AsCommand;

/** Writes the tables of docs that are made from the code: run it when a measure or a calculator was changed. */
#[AsCommand('pupil:formats')]
final class WriteFormats extends Command
{
    protected $signature = 'pupil:formats';

    protected $description = 'Writes the tables of the documents that are made from the code';

    public function handle(): int
    {
        foreach ([...PublishedMeasures::documents(), ...PublishedCalculators::documents()] as $path => $document) {
            File::put(base_path($path), $document);
            $this->line($path);
        }

        return self::SUCCESS;
    }
}
