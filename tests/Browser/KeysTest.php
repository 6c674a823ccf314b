<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class KeysTest extends BrowserTestCase
{
    public function test_each_place_is_one_key_away(): void
    {
        $this->open('/');
        $places = [
            'k' => 'Kit', 'e' => 'Edges', 't' => 'True', 'w' => 'Works', 'd' => 'Diary', 'b' => 'Bench',
        ];
        foreach ($places as $key => $place) {
            $this->keys($key);
            $this->sees("//h1[. = '$place']");
        }
        self::assertSame('/', parse_url($this->browser->getCurrentURL(), PHP_URL_PATH));
    }

    public function test_find_leads_to_a_record(): void
    {
        $this->open('/');
        $this->keys('/');
        $this->sees("//*[@role='dialog']//input")->sendKeys('25 mm chisel');
        $this->sees("//*[@role='dialog']//li[contains(., '25 mm chisel')]");
        $this->keys(WebDriverKeys::ENTER);
        $this->sees("//h1[. = '25 mm chisel']");
        self::assertStringContainsString('/edges/', $this->browser->getCurrentURL());
    }

    public function test_the_last_record_is_recorded_again(): void
    {
        $this->open('/edges');
        $this->sees("//a[contains(., '12 mm chisel')]")->click();
        $this->press('Stropped');
        $this->seesText('✓ in its diary');
        $this->open('/kit');
        $this->keys('.');
        $this->seesText('12 mm chisel: Stropped it');
        $this->keys(WebDriverKeys::ENTER);
        $dialog = WebDriverBy::xpath("//*[@role='dialog']");
        Server::until(fn (): bool => $this->browser->findElements($dialog) === [], 'the dialog to close');
        $this->open('/diary');
        $this->seesText('Stropped the 12 mm chisel');
        $today = gmdate('j M');
        $lines = $this->browser->findElements(
            self::asSpaced("//li[contains(., 'Stropped the 12 mm chisel') and contains(., '$today ')]"),
        );
        self::assertCount(2, $lines);
    }

    public function test_keys_never_fire_while_typing(): void
    {
        $this->open('/diary');
        $this->sees("//input[@type='search']")->sendKeys('bekt?');
        $this->sees("//h1[. = 'Diary']");
        self::assertSame('bekt?', $this->sees("//input[@type='search']")->getAttribute('value'));
    }

    public function test_enter_goes_on_and_only_ctrl_enter_records(): void
    {
        $this->open('/true');
        $this->sees("//a[contains(., '200 mm try square')]")->click();
        $this->type('Line knifed', '200');
        $this->keys(WebDriverKeys::ENTER);
        $this->keys('0.32');
        $this->seesText('Take 4 shavings');
        $this->keys(WebDriverKeys::ENTER);
        self::assertSame(
            '0.1',
            $this->browser->switchTo()->activeElement()->getAttribute('value'),
            'the width of a line is next',
        );
        self::assertStringNotContainsString(
            '4 shavings off the heel',
            $this->sees("//h2[. = 'History']/../..")->getText(),
        );
        $this->keys(WebDriverKeys::CONTROL, WebDriverKeys::ENTER);
        $this->seesText('Begin: count');
        $this->press('Stop here');
        $this->seesText('Now test it again.');
        $this->sees("//a[contains(., 'Test it again')]")->click();
        $this->seesText('0.16 mm, leans toward the stock, outside');
    }

    public function test_arrows_step_by_what_the_instrument_tells_apart(): void
    {
        $this->open('/true');
        $this->sees("//a[contains(., '200 mm try square')]")->click();
        $this->type('reading 1', '0.3');
        $this->keys(WebDriverKeys::ARROW_UP);
        Server::until(fn (): bool => $this->field('reading 1')->getAttribute('value') === '0.35', 'the figure to step');
        self::assertSame('0.35', $this->field('reading 1')->getAttribute('value'));
    }

    public function test_a_figure_keeps_the_unit_it_was_typed_in(): void
    {
        $this->open('/true');
        $this->sees("//a[contains(., '200 mm try square')]")->click();
        $this->type('reading 1', '0.32');
        $this->seesText('0.16 mm');
        $this->sees("//button[. = 'inch']")->click();
        $this->seesText('6.3 thou');
        self::assertSame('0.32 mm', $this->field('reading 1')->getAttribute('value'));
    }

    public function test_a_bad_figure_is_told_beside_its_field_and_the_drawing_stays(): void
    {
        $this->open('/true');
        $this->sees("//a[contains(., '200 mm try square')]")->click();
        $this->type('reading 1', '0.32');
        $this->sees("//*[@data-testid='wedge']");
        $this->type('Width of a line', '1/0');
        $this->seesText('divides by zero');
        $this->sees("//*[@data-testid='wedge']");
        self::assertSame('true', $this->field('Width of a line')->getAttribute('aria-invalid'));
    }

    /** On glass figures are typed on big keys, which leave the phone's own keyboard to whoever wants to say them. */
    public function test_a_thumb_has_big_keys_for_figures(): void
    {
        $phone = $this->newBrowser();
        $this->device(360, 'light', $phone);
        $this->isTouched($phone);
        $this->open('/true/plans/bridle-square', $phone);
        $first = $this->field('Blade, beyond the stock', $phone);
        $phone->executeScript('arguments[0].focus()', [$first]);
        foreach (['1', '.', '2', '⌫', '5', 'next'] as $key) {
            $this->sees("//*[@aria-label = 'Keys for figures']//button[. = '$key']", $phone)->click();
        }
        self::assertSame('1.5', $first->getAttribute('value'));
        $this->sees("//*[@aria-label = 'Keys for figures']//button[. = '3']", $phone)->click();
        self::assertSame('3', $this->field('Width of the blade', $phone)->getAttribute('value'));
        $this->sees("//*[@aria-label = 'Keys for figures']//button[. = 'abc']", $phone)->click();
        $this->seesNoMore('thou', $phone);
        $this->press('big keys', $phone);
        $this->sees("//*[@aria-label = 'Keys for figures']", $phone);
        Access::bring($phone);
        self::assertSame([], Access::violations($phone));
    }
}
