<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Two people at one browser: a draft is its author's alone, and is offered, never put in place. */
#[Group('long')]
final class SharedBrowserTest extends BrowserTestCase
{
    private const OWN_LENS = 'Old faithful: 50 mm 1.8 to 16 from 0.45 m';

    public function test_the_next_person_at_a_browser_sees_nothing_of_the_last_ones_drafts(): void
    {
        $this->open();
        $this->signIn('runa');
        $this->visit('/kit');
        $this->type('#lenses', self::OWN_LENS);
        // Without signing out: the session ends, and somebody else signs in.
        $this->browser()->manage()->deleteAllCookies();
        $this->signIn('hugo');
        $this->visit('/kit');
        $this->find('#lenses');
        $this->assertSame(0, $this->howMany('.draft-offer'));
        $this->assertStringNotContainsString('Old faithful', $this->find('#lenses')->getAttribute('value'));
        $this->type('#lenses', 'Mine: 35 mm 2 to 16 from 0.3 m');

        $this->browser()->manage()->deleteAllCookies();
        $this->signIn('runa');
        $this->visit('/kit');
        $this->see('You typed this here before and did not send it:');
        $this->assertSame([self::OWN_LENS], $this->offers());
        // The field holds what the server has until the draft is asked for.
        $this->assertNotSame(self::OWN_LENS, $this->find('#lenses')->getAttribute('value'));
        $this->press('Use this text');
        $this->assertSame(self::OWN_LENS, $this->find('#lenses')->getAttribute('value'));
        $this->assertSame(0, $this->howMany('.draft-offer'));

        $this->signOut();
        $this->see('You have signed out.');
        $this->assertSame([], $this->storedDrafts(), 'signing out removes every draft');
    }

    public function test_a_draft_never_overwrites_what_the_server_saved_since(): void
    {
        $this->open();
        $this->signIn('joss');
        $this->visit('/kit');
        $this->type('#lenses', self::OWN_LENS);
        $table = tempnam(sys_get_temp_dir(), 'kit').'.csv';
        file_put_contents(
            $table,
            "what,name,minFocal,maxFocal,widestAtMin,widestAtMax,smallest,closestFocus\nlens,Field "
                ."zoom,24,70,2.8,4,22,0.38\n",
        );
        $this->choose('#kit-file', $table);
        $this->press('Read it in');
        $this->see('1 row is read');
        $this->assertSame([self::OWN_LENS], $this->offers());
        $this->press('Save the kit');
        $this->see('Your kit is kept.');
        $this->assertStringContainsString('Field zoom', $this->find('#lenses')->getAttribute('value'));
        // What was never sent is still offered, until it is used and saved, or discarded.
        $this->press('Use this text');
        $this->press('Save the kit');
        // The page before says the same words: the answer is there when the draft is gone.
        $this->browser()->wait(20, 100)->until(
            fn (): bool => $this->storedDrafts() === [],
            'a successful save forgets the draft',
        );
        $this->see('Your kit is kept.');
        $this->assertSame([], $this->offers());
        unlink($table);
    }

    /** @return list<string> */
    private function offers(): array
    {
        return $this->browser()->executeScript(
            'return [...document.querySelectorAll(".draft-offer blockquote")].map((text) => text.textContent)',
        );
    }

    /** @return list<string> */
    private function storedDrafts(): array
    {
        return $this->browser()->executeScript(
            'return Object.keys(localStorage).filter((key) => key.startsWith("true-pupil:"))',
        );
    }
}
