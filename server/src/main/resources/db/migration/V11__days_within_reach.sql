-- Days that cannot be reckoned with are none.
update page set date = null where date < date '1900-01-01' or date > date '2999-12-31';
