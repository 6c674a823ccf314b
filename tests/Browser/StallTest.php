<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** A phone in one hand, the old tool in the other; and what stands idle at home. */
final class StallTest extends BrowserTestCase
{
    public function test_an_old_plane_is_looked_over_left_half_done_and_bought(): void
    {
        $this->device(360, 'light');
        $this->open('/kit/look');
        $this->press('Look it over');
        $this->seesText('Look for cracks');
        $this->press('sound');
        $this->seesText('Rub the rust with a thumb.');
        $this->press('mend');
        $this->seesText('Look through the mouth from below.');
        $address = $this->browser->getCurrentURL();
        $this->browser->quit();

        $this->browser = $this->newBrowser();
        $this->browser->get($address);
        $this->seesText('Look through the mouth from below.');
        $this->press('sound');
        $this->seesText('press the frog and look for light');
        $this->press('sound');
        $this->type('Iron left beyond the slot', '9');
        $this->seesText('A new iron, 15 min, € 30.');
        $this->press('Next check');
        foreach (['Turn every screw', 'Take both handles'] as $check) {
            $this->seesText($check);
            $this->press('sound');
        }
        $this->type('Largest gap under it', '0.05');
        $this->type('Asked at the stall', '30');
        $this->press('Next check');
        $this->seesText('Take it: € 30 is asked');
        $this->press('Bought it for 30');
        $this->seesText('Bought; it hangs in the kit.');
        $this->open('/');
        $this->seesText('A new iron: the jack plane.');
        $this->press('Done');
    }

    public function test_a_photograph_is_taken_and_a_file_that_is_none_is_refused(): void
    {
        $picture = sys_get_temp_dir().'/jackrest-plane.png';
        imagepng(imagecreatetruecolor(300, 200), $picture);
        $text = sys_get_temp_dir().'/jackrest-plane.txt';
        file_put_contents($text, 'no picture');
        $this->open('/kit/look');
        $this->press('Look it over');
        $this->seesText('check 1 of');
        $field = $this->browser->findElement(WebDriverBy::cssSelector('input[type=file]'));
        $field->sendKeys($picture);
        $this->sees("//img[contains(@alt, 'Photograph 1')]");
        Server::until(
            fn (): bool => $this->browser->executeScript(
                "return document.querySelector('figure img').naturalWidth",
            ) === 300,
            'the photograph, 300 pixels wide',
            10,
        );
        $this->browser->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($text);
        $this->seesText('That is no picture.');
        $this->press('Remove it');
        Server::until(
            fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('figure img')) === [],
            'the photograph to be gone',
        );
        array_map(unlink(...), [$picture, $text]);
    }

    public function test_one_crack_ends_it(): void
    {
        $this->open('/kit/look');
        $this->press('Look it over');
        $this->press('walk away');
        $this->seesText('Walk away.');
        $this->seesText('A crack runs on under use.');
        $this->press('Left it there');
        $this->seesText('Left at the stall.');
    }

    public function test_what_could_go_is_put_away_and_hung_again(): void
    {
        $this->open('/kit/idle');
        $this->seesText('and nothing would be lost.');
        $this->sees("//input[@aria-label='The card scraper goes']")->click();
        $this->seesText('Put these');
        $this->press('Put these');
        $this->seesText('card scraper');
        $this->press('Hang it up again');
        $this->open('/kit');
        $this->sees("//*[@data-testid='tool-card-scraper']");
        self::assertSame(
            [],
            $this->browser->findElements(WebDriverBy::cssSelector('[data-testid=tool-hand-drill]')),
        );
    }

    public function test_a_lent_tool_is_written_down_beside_whom_it_went_to(): void
    {
        $this->open('/kit/idle');
        $this->press('Lend it');
        $this->press('Lent it');
        $this->seesText('To whom? One word will do.');
        $this->type('To whom', 'Jorun');
        $this->press('Lent it');
        $this->seesText('to Jorun, since');
    }

    public function test_a_round_of_care_is_one_tap(): void
    {
        $this->open('/kit/care');
        self::assertStringStartsWith('Wax the soles', $this->nextStroke());
        $this->press('Done, 5 min');
        $this->seesText('Done today; every 23 days.');
    }

    /** The drawing and the next stroke follow what is typed; what is kept is printed. */
    public function test_a_shadow_board_is_laid_out_and_printed(): void
    {
        $this->open('/kit');
        $this->sees("//a[contains(., 'Shadow board')]")->click();
        $this->seesText('All 25 hang: print');
        $this->type('Width', '700');
        $this->seesText('do not fit');
        $this->seesText('These are the sheets of the board as it is saved');
        $this->press('Leave it as it was');
        $this->sees("//a[contains(., 'a new one')]")->click();
        $this->type('Width', '60 mm');
        $this->seesText('A panel is between 100 mm and 5000 mm.');
        $this->type('Width', '2.4 m');
        $this->type('Height', '1500');
        $this->type('Called', 'gable wall');
        $this->press('Save');
        $this->seesText('Print all sheets: PDF');
        self::assertStringEndsWith(
            '/sheets.pdf',
            (string) $this->sees("//a[contains(., 'PDF')]")->getAttribute('href'),
        );
        Server::until(
            fn (): bool => count(
                $this->browser->findElements(WebDriverBy::cssSelector('svg[role=img] g > title')),
            ) > 30,
            'more than 30 tools to be drawn',
            10,
        );
        $this->addToAssertionCount(1);
    }
}
