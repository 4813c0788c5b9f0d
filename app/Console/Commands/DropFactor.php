<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Address;
use App\Models\SecondFactor;
use App\Models\SignInChange;
use App\Models\User;
use App\Notices\SignInChanged;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:factor-off')]
final class DropFactor extends Command
{
    protected $signature = 'pupil:factor-off {who : an address, or the number of an account}';

    protected $description = 'Takes the second factor off an account whose device and codes are lost';

    public function handle(): int
    {
        $who = (string) $this->argument('who');
        $found = User::query()
            ->where(ctype_digit($who) ? 'id' : 'email', ctype_digit($who) ? (int) $who : Address::of($who))
            ->whereIn('id', SecondFactor::query()->select('user_id'))
            ->get();
        if ($found->count() !== 1) {
            $this->error($found->isEmpty()
                ? 'No account with a second factor has this address or number.'
                : 'Several accounts have this address; name one by its number: '.$found->pluck('id')->join(', '));

            return self::FAILURE;
        }
        SecondFactor::query()->where('user_id', $found->firstOrFail()->id)->delete();
        $found->firstOrFail()->notify(new SignInChanged(SignInChange::FactorOff));
        $this->line('It is off. Only the password is asked for now.');

        return self::SUCCESS;
    }
}
