<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class KitPageTest extends BrowserTestCase
{
    private function price(string $tool, string $price, ?RemoteWebDriver $in = null): void
    {
        $field = $this->sees("//input[contains(@aria-label, 'Price of the $tool')]", $in);
        $field->click();
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($price);
    }

    public function test_a_price_turns_the_plan(): void
    {
        $this->open('/kit');
        $this->price('rebate plane', '120');
        $this->keys(WebDriverKeys::ENTER);
        $this->seesText('Get the shoulder plane, 20 mm iron: € 110.');
    }

    public function test_a_price_that_is_none_is_told_beside_it_and_kept_in_the_field(): void
    {
        $this->open('/kit');
        $this->price('rebate plane', 'cheap');
        $this->keys(WebDriverKeys::ENTER);
        $this->seesText('A price is a number such as 65 or 12.50, 0 or more.');
        self::assertSame(
            'cheap',
            $this->sees("//input[contains(@aria-label, 'Price of the rebate plane')]")->getAttribute('value'),
        );
    }

    public function test_two_windows_at_one_price(): void
    {
        $second = $this->newBrowser();
        $this->open('/kit');
        $this->open('/kit', $second);
        $this->price('rebate plane', '70', $second);
        $this->price('rebate plane', '80');
        $this->keys(WebDriverKeys::ENTER);
        $this->seesText('Get the rebate plane, 30 mm iron, beech: € 80.');
        $this->seesText('Another window made it € 80 meanwhile.', $second);
        $this->press('Use 70', $second);
        $this->seesText('Get the rebate plane, 30 mm iron, beech: € 70.', $second);
    }

    public function test_got_it_can_be_undone_from_the_diary(): void
    {
        $this->open('/kit');
        $this->press('Got it: hang it up');
        $this->sees("//*[@data-testid='tool-rebate-plane'][@data-status='owned']");
        $this->open('/diary');
        $this->press('undo');
        $this->seesText('Undone: Got the rebate plane');
        $this->open('/kit');
        $this->sees("//*[@data-testid='tool-rebate-plane'][@data-status='wanted']");
        self::assertStringContainsString('Get the rebate plane', $this->nextStroke());
    }

    public function test_how_names_the_search(): void
    {
        $this->open('/kit');
        $this->press('how?');
        $this->seesText('Why this order?');
        $this->seesText('no stage could be had for less');
    }

    public function test_the_board_is_filtered_by_kind_and_by_list(): void
    {
        $this->open('/kit');
        $this->sees("//input[@aria-label='Find on the board']")->sendKeys('12 mm chisel');
        Server::until(
            fn (): bool => count(
                $this->browser->findElements(WebDriverBy::cssSelector('[data-testid^=tool-]:not([hidden])')),
            ) === 1,
            'one chisel',
        );
        $this->sees("//*[@data-testid='tool-bench-chisel']");
        $this->sees("//button[. = 'wanted']")->click();
        $this->seesText('Nothing on the board is like that.');
    }

    public function test_a_tools_page_takes_it_off_and_hangs_it_up_again(): void
    {
        $this->open('/kit');
        $this->sees("//*[@data-testid='tool-dovetail-saw']//a")->click();
        $this->seesText('One work depends on it.');
        $this->press('Take it off the board');
        $this->seesText('Without it – hive bodies: saw dovetails to the line.');
        $this->sees("//h1[. = 'Removed']");
        $this->press('Bring it back');
        $this->seesText('One work depends on it.');
        $this->open('/kit');
        $this->sees("//*[@data-testid='tool-dovetail-saw'][@data-status='owned']");
    }

    public function test_a_dimension_typed_draws_itself_and_is_kept(): void
    {
        $this->open('/kit');
        $this->sees("//*[@data-testid='tool-dovetail-saw']//a")->click();
        $this->type('depth under the back', '500');
        $this->seesText('Depth under the back of a dovetail saw: 15 mm to 160 mm.');
        $this->type('depth under the back', '20');
        $this->press('Save');
        $this->seesText('No work would stop without it.');
        $this->open('/kit');
        $this->sees("//a[contains(., 'hive bodies')]")->click();
        $this->seesText('has depth under the back 20 mm, this takes at least 22 mm');
    }

    public function test_strokes_counted_correct_the_fit(): void
    {
        $this->open('/kit/fit/saws');
        $this->sees("//button[. = 'along']")->click();
        $this->seesText('By your own count: 1.21 times the model, from 3 cuts');
        $this->type('depth of the cut', '60');
        $this->seesText('too shallow');
    }

    public function test_the_ladder_is_climbed_and_money_makes_dates(): void
    {
        $this->open('/kit/ladder');
        $this->seesText('Get the rebate plane, 30 mm iron, beech: € 65.');
        $this->type('at most in all', '70');
        $this->keys(WebDriverKeys::ENTER);
        $this->seesText('You are € 117 short: leave the router plane, 6 mm for now and borrow one.');
        $this->press('Got it: hang it up');
        $this->seesText('Make the paring block: about 20 minutes, € 2 of wood.');
    }

    public function test_a_school_is_chosen_and_shifts_the_plan(): void
    {
        $this->open('/kit/school');
        $this->press('pull saws');
        Server::until(
            fn (): bool => $this->sees("//button[contains(., 'pull saws')]")->getAttribute('data-state') === 'checked',
            'the answer kept',
        );
        $this->open('/kit/add?group=saws&kind=tenon-saw');
        $this->press('Hang it up');
        $this->seesText('✓ tenon saw, 355 mm, 11 teeth per inch. The next one?');
    }

    /** A kind that hangs on no board can be overruled too. */
    public function test_any_kind_of_tool_can_be_overruled(): void
    {
        $this->open('/kit/school');
        $this->sees("//select[@aria-label='A kind of tool']/option[. = 'moving fillister']");
        $this->sees("//select[@aria-label='A kind of tool']")->sendKeys('moving f');
        $this->press('Overrule it');
        $this->sees("//li[contains(., 'moving fillister') and contains(., 'leave it out')]");
        $this->press('let the school decide');
    }

    public function test_a_work_is_put_together_from_operations(): void
    {
        $this->open('/work/works/new');
        $this->type('Name', 'smoker box');
        $this->sees("//select[@aria-label='An operation to add']")->sendKeys('groove with');
        $this->press('Add it');
        $this->seesText('It takes a tongue-and-groove pair.');
        $this->press('Add this work');
        $this->seesText('Get the rebate plane');
        $this->open('/work');
        $this->seesText('smoker box');
    }

    /** Two windows editing the same tool: the second is told and loses nothing it typed. */
    public function test_the_second_window_keeps_what_it_typed(): void
    {
        $second = $this->newBrowser();
        foreach ([null, $second] as $window) {
            $this->open('/kit', $window);
            $this->sees("//*[@data-testid='tool-mallet']//a", $window)->click();
            $this->field('Name', $window);
        }
        $this->type('Name', 'mallet of the second window', $second);
        $this->type('Name', 'mallet of the first window');
        $this->press('Save');
        $this->seesText('was changed in another window meanwhile', $second);
        self::assertSame('mallet of the second window', $this->field('Name', $second)->getAttribute('value'));
        $this->press('Keep mine', $second);
        $this->press('Save', $second);
        $this->seesText('Mallet of the second window', $second);
    }
}
