<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Somebody new confirms the address, forgets the password, finds the way back on a phone, and leaves. */
#[Group('long')]
final class AccountTest extends BrowserTestCase
{
    public function test_confirmed_forgotten_recovered_and_gone(): void
    {
        $join = $this->newCourse('Steady hands');
        $this->open(390, 844);
        $this->join($join, 'Nora Newcomb');
        $this->visit('/account');
        $this->see('is not confirmed');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        preg_match('/nora\.[0-9a-f]+@kilnyard\.example/', $this->pageText(), $address);

        // In the demo the letterbox shows what would have been sent.
        $this->letter('Confirm your address', $address[0]);
        $this->see('Is this your address?');
        $this->press('Yes, confirm it');
        $this->see('The address is confirmed.');

        $this->signOut();
        $this->press('Forgotten password');
        $this->assertAccessible();
        $this->type('#email', strtoupper($address[0]));
        $this->press('Send me a link');
        $this->see('If an account has confirmed this address');
        $this->letter('A new password', $address[0]);
        $this->type('#password', 'nora1234567890');
        $this->press('Set it');
        $this->see('made of your own name');
        $this->assertStringContainsString(
            'made of your own name',
            $this->find('#'.$this->find('#password')->getAttribute('aria-describedby'))->getText(),
        );
        $this->type('#password', 'seven glazed bowls');
        $this->press('Set it');
        $this->see('The new password is set');
        $this->type('#email', $address[0]);
        $this->type('#password', 'seven glazed bowls');
        $this->press('Sign in');
        $this->see('Course of');

        $this->visit('/account');
        $this->tap('main details summary');
        $this->type('[name=delete_password]', 'seven glazed bowls');
        $this->press('Delete my account');
        $this->see('Your account goes in 14 days');
        $this->press('Keep the account');
        $this->see('Your account stays.');
        foreach (['/notices', '/what-is-kept', '/letterbox'] as $path) {
            $this->visit($path);
            $this->find('main h1');
            $this->assertNothingSticksOut();
            $this->assertAccessible();
        }
    }

    /** Follows the link of the latest letter with a subject to an address, once it has been written. */
    private function letter(string $subject, string $to): void
    {
        $this->browser()->wait(30, 500)->until(function () use ($subject, $to): bool {
            $this->visit('/letterbox');

            return preg_match('/'.$subject.'\s+to '.preg_quote($to, '/').'/', $this->pageText()) === 1;
        }, "No letter \"$subject\" to $to came.");
        $this->browser()->executeScript(
            'for (const letter of document.querySelectorAll(".letter")) {
                if (letter.textContent.includes(arguments[0]) && letter.textContent.includes(arguments[1])) {
                    letter.querySelector("a").click(); break;
                }
            }',
            [$subject, $to],
        );
    }
}
