<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Address;
use App\Accounts\AskForPassword;
use App\Accounts\Links;
use App\Models\User;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:password-link')]
final class PasswordLink extends Command
{
    protected $signature = 'pupil:password-link {who : an address, or the number of an account}';

    protected $description = 'Makes a link with which somebody sets a new password: once, for a day, and not at once';

    public function handle(): int
    {
        $who = (string) $this->argument('who');
        $found = User::query()
            ->whereNotNull('password')
            ->where(ctype_digit($who) ? 'id' : 'email', ctype_digit($who) ? (int) $who : Address::of($who))
            ->orderBy('id')
            ->get();
        if ($found->count() > 1) {
            $this->error('Several accounts have typed this address. Choose one by its number:');
            foreach ($found as $user) {
                $this->line(
                    sprintf(
                        '%d  %s, %s',
                        $user->id,
                        $user->name,
                        $user->email_verified_at === null ? 'not confirmed' : 'confirmed',
                    ),
                );
            }

            return self::FAILURE;
        }
        if ($found->isEmpty()) {
            $this->error('No account has this address or number.');

            return self::FAILURE;
        }
        $asked = AskForPassword::byOperator($found->firstOrFail());
        $this->line(Links::password($asked));
        $this->line(sprintf(
            'It counts from %s UTC. Whoever is signed in can stop it.',
            $asked->counts_from->format('Y-m-d H:i'),
        ));

        return self::SUCCESS;
    }
}
