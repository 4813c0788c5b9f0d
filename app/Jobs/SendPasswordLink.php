<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Accounts\ForgottenPassword;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** The page that asks does not wait, so that the length of its answer tells nobody whether the address is known. */
final class SendPasswordLink implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly string $address)
    {
        $this->onQueue('mail');
    }

    public function handle(ForgottenPassword $forgotten): void
    {
        $forgotten->handle($this->address);
    }
}
