<div class="shop">{{ App\Words\ShopName::now() }}</div>
