<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\Kilnyard;
use App\Models\User;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:demo')]
final class LoadDemo extends Command
{
    protected $signature =
        'pupil:demo {--logins : print the demo logins only} {--people : the course and its '.
        'members, without any brief or attempt} {--begin : course, members and briefs; the attempts come '.
        'when it is called again}';

    protected $description = 'Loads the Kilnyard demo into an empty installation';

    public function handle(Kilnyard $kilnyard): int
    {
        if ($this->option('logins')) {
            foreach ($kilnyard->logins() as [$role, $email]) {
                $this->line(sprintf('  %-12s %-28s %s', $role, $email, (string) config('pupil.demo.password')));
            }

            return self::SUCCESS;
        }
        // Loaded once: what people did since is kept, and what was cut short goes on.
        $isEmpty = ! User::query()->exists();
        if ($this->option('people')) {
            $isEmpty && $kilnyard->loadPeople();

            return self::SUCCESS;
        }
        $isEmpty && $kilnyard->begin();
        if (! $this->option('begin')) {
            $kilnyard->goOn();
        }

        return self::SUCCESS;
    }
}
