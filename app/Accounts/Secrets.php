<?php

declare(strict_types=1);

namespace App\Accounts;

/** Fields that are never written into a session, whatever fails: a form comes back without them. */
final class Secrets
{
    public const FIELDS = [
        'password',
        'password_confirmation',
        'current_password',
        'address_password',
        'delete_password',
        'factor_password',
        'code',
        '_token',
    ];
}
