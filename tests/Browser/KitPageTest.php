<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
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
        $this->seesText('Get the shoulder plane: € 110 closes the gap.');
    }

    public function test_a_price_that_is_none_is_told_beside_it_and_kept_in_the_field(): void
    {
        $this->open('/kit');
        $this->price('rebate plane', 'cheap');
        $this->keys(WebDriverKeys::ENTER);
        $this->seesText('A price is a number such as 65 or 12.50, nought or more.');
        self::assertSame('cheap', $this->sees("//input[contains(@aria-label, 'Price of the rebate plane')]")->getAttribute('value'));
    }

    public function test_two_windows_at_one_price(): void
    {
        $second = $this->newBrowser();
        $this->open('/kit');
        $this->open('/kit', $second);
        $this->price('rebate plane', '70', $second);
        $this->price('rebate plane', '80');
        $this->keys(WebDriverKeys::ENTER);
        $this->seesText('Get the rebate plane: € 80 closes the gap.');
        $this->seesText('Another window made it € 80 meanwhile.', $second);
        $this->press('Use 70', $second);
        $this->seesText('Get the rebate plane: € 70 closes the gap.', $second);
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
        $this->seesText('Is there no cheaper way?');
        $this->seesText('nothing cheaper exists among the tools on your list');
    }
}
