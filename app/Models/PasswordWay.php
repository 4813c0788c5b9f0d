<?php

declare(strict_types=1);

namespace App\Models;

/** How somebody who forgot a password comes to a new one when somebody else asks for it. */
enum PasswordWay: string
{
    /** A link in the instructor's hands: the account holds nothing that its courses do not. */
    case Link = 'link';

    /** A mail to the address that its person confirmed. */
    case Mail = 'mail';

    /** Where its person is signed in still: there, and nowhere else. */
    case Session = 'session';

    /** A link of whoever runs the service. It counts after a while, in which its person can stop it. */
    case Operator = 'operator';
}
