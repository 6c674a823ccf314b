<?php

declare(strict_types=1);

namespace Tests\Browser;

/** From a plan to the bench, and a blank to its rest. */
final class MakingTest extends BrowserTestCase
{
    public function test_a_size_changes_drawing_and_cutting_list_and_a_wrong_one_is_told_beside_it(): void
    {
        $this->open('/true/plans/bridle-square');
        $this->type('Blade, beyond the stock', '300');
        $this->seesText('360 mm × 60 mm × 10 mm');
        $this->sees("//*[name() = 'svg']//*[name() = 'text'][. = '300 mm']");
        $this->type('Thickness of the blade', '28');
        $this->seesText('leave 4 mm at least.');
        $this->seesText('Correct the size marked ✗.');
        $this->sees("//*[name() = 'svg']//*[name() = 'text'][. = '300 mm']");
        // What was typed outlives the page.
        $this->open('/');
        $this->open('/true/plans/bridle-square');
        self::assertSame('28', $this->field('Thickness of the blade')->getAttribute('value'));
        $this->press('The usual sizes');
        $this->seesText('240 mm × 40 mm × 6.5 mm');
    }

    public function test_a_blade_longer_than_its_blank_is_told_and_cannot_be_begun(): void
    {
        $this->open('/true/plans/bridle-square');
        $this->type('Blade, beyond the stock', '700');
        $choice = $this->sees("//select[@aria-label = 'Blank for the blade']");
        $choice->findElement(\Facebook\WebDriver\WebDriverBy::xpath(".//option[. = 'walnut end']"))->click();
        $this->seesText('Too short: it has 620 mm');
        $this->seesText('Choose another blank for the blade.');
        $this->sees("//button[contains(., 'Begin to make it') and @disabled]");
        $this->press('The usual sizes');
    }

    public function test_it_is_begun_walked_left_in_the_middle_and_gone_on_with(): void
    {
        $this->open('/true/plans/slope-template');
        $this->type('Slope', '1:6');
        $this->seesText('the line leans by 10.00 mm over 60 mm.');
        $this->type('Called', 'template for the lids');
        $this->press('Begin to make it');
        $this->press('To the bench');
        $this->seesText('step 1 of 2');
        $this->seesText('Saw out and plane');
        $this->press('Done: look at it');
        $this->seesText('No light under a straightedge');
        $this->press('Yes: next');
        $this->seesText('Lay it away for a week');
        // A closed browser loses nothing: another one stands at the same step.
        $address = (string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH);
        $other = $this->newBrowser();
        $this->open($address, $other);
        $this->seesText('Lay it away for a week', $other);
        $this->press('Done: look at it', $other);
        $this->press('Yes: done for now', $other);
        $this->seesText('Done for now.', $other);
        $other->findElement(\Facebook\WebDriver\WebDriverBy::linkText('See where it stands'))->click();
        $this->seesText('Wait until', $other);
        $this->seesText('The week of rest.', $other);
        $this->press('Go on all the same', $other);
        $this->sees("//*[@data-testid = 'next']", $other);
        $this->seesText('Look again, and plane true', $other);
        $this->press('Stop here', $other);
        $this->seesText('Stopped.', $other);
        $this->open('/true/plans');
        $this->seesText('template for the lids');
    }

    public function test_a_blank_is_laid_on_the_shelf_and_goes_to_rest(): void
    {
        $this->open('/true/blanks/new');
        foreach (
            [
                'Length' => '40 cm',
                'Width' => '2in',
                'Thickness' => '20',
                'Grain runs out by' => '1:40',
                'Called' => 'holly strip',
            ] as $label => $typed
        ) {
            $this->type($label, $typed);
        }
        $this->seesText('Measure the angle of its rings.');
        $this->type('Rings to the face', '85');
        $this->press('Lay it on the shelf');
        $this->sees("//a[. = 'holly strip']")->click();
        $this->type('Bow', '0.1');
        $this->press('Write it down, and let it rest');
        $this->seesText('Measure this too; 0 if there is none.');
        $this->type('Wind', '0');
        $this->type('Cup', '0');
        $this->press('Write it down, and let it rest');
        $this->seesText('Resting until ');
    }
}
