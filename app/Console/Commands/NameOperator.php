<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Address;
use App\Models\User;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:operator')]
final class NameOperator extends Command
{
    protected $signature = 'pupil:operator {address : of an account that is there} {--remove : no longer}';

    protected $description = 'Lets an account see the operator’s page: how the service is, and what could not be done';

    public function handle(): int
    {
        $user = User::query()->where('email', Address::of((string) $this->argument('address')))->first();
        if ($user === null) {
            $this->error('No account has this address.');

            return self::FAILURE;
        }
        $user->forceFill(['is_operator' => ! $this->option('remove')])->save();
        $this->line($this->option('remove') ? 'Done: an ordinary account again.' : 'Done: the page is at /operator.');

        return self::SUCCESS;
    }
}
