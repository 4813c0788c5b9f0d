<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Briefs\PublishedMeasures;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use Symfony\Component\Console\Attribute\AsCommand;

/** Writes what docs/formats lists out of the code: run it when a measure of a check was added or changed. */
#[AsCommand('pupil:formats')]
final class WriteFormats extends Command
{
    protected $signature = 'pupil:formats';

    protected $description = 'Writes the tables of docs/formats that are made from the code';

    public function handle(): int
    {
        foreach (PublishedMeasures::documents() as $path => $document) {
            File::put(base_path($path), $document);
            $this->line($path);
        }

        return self::SUCCESS;
    }
}
