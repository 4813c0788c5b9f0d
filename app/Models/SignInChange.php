<?php

declare(strict_types=1);

namespace App\Models;

/** What was changed of the way in which somebody signs in; its owner is told of each, whoever did it. */
enum SignInChange: string
{
    case Password = 'password';
    case FactorSet = 'factor-set';
    case FactorOff = 'factor-off';

    public function sentence(): string
    {
        return match ($this) {
            self::Password => 'The password of your account was changed, and every other device is signed out.',
            self::FactorSet => 'Signing in to your account asks for a code as well from now on.',
            self::FactorOff => 'Signing in to your account asks for no code beside the password any more.',
        };
    }
}
