<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A saw read, drawn and filed tooth by tooth. */
final class SawsTest extends BrowserTestCase
{
    public function test_the_teeth_and_the_next_stroke_follow_what_is_typed(): void
    {
        $this->open('/edges/saws');
        $this->seesText('1.69 mm from tip to tip');
        $this->type('Teeth per inch', '10');
        $this->seesText('2.54 mm from tip to tip');
        $this->sees(
            "//select[@id = //label[contains(., 'It cuts')]/@for]/option[contains(., 'across the grain')]",
        )->click();
        $this->seesText('Rake 15°, fleam 20°');
        $this->press('Use these');
        $this->seesText('knife points, for cuts across');
        $this->press('Save');
        $this->seesText('Start at the bench');
        $this->type('Teeth per inch', 'many');
        $this->seesText('Type teeth per inch, such as 15, or points: 16 ppi.');
        $this->press('Leave it as it was');
        $this->seesText('2.54 mm from tip to tip');
    }

    /** Three hundred taps and more are walked; a closed browser finds its place again. */
    public function test_a_closed_browser_finds_its_tooth_again(): void
    {
        $this->open('/edges/saws');
        $this->press('Start at the bench');
        $this->seesText('Take the flat file');
        $next = fn (int $taps = 1) => array_map(
            fn () => $this->sees("//button[@data-testid='next']")->click(),
            range(1, $taps),
        );
        $next(3);
        $this->seesText('Take the triangular file');
        $next(8);
        $this->seesText('7 of 74');
        $address = $this->browser->getCurrentURL();
        Server::until(
            fn (): bool => json_decode(
                (string) file_get_contents(str_replace('/sessions/', '/api/sessions/', $address)),
                true,
            )['counted'][1] === 7,
            'the seventh gullet to be saved',
            10,
        );
        $this->browser->quit();
        $this->browser = $this->newBrowser();
        $this->browser->get($address);
        $this->seesText('7 of 74');
        $this->press('Undo');
        $this->seesText('6 of 74');
        $this->press('Stop here');
        $this->seesText('Stopped. The dovetail saw');
        $this->sees("//a[contains(., 'See the tool')]")->click();
        $this->seesText('6 gullets, jointed by 0.05 mm');
    }
}
